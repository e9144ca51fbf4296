<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Colour\Rgb;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * One thing that the wood brings, at its place: along a line between two distances, between two azimuths where it does
 * not go all round (0° is where the grain comes out), how wide and deep, and what is to become of it.
 */
final readonly class Flaw
{
    public const MAX_SIZE_MM = 500.0;

    public const MOST_OFFCUT = 80;

    public string $id;

    public FlawKind $kind;

    public Surface $on;

    public float $fromMm;

    public float $toMm;

    /** @var array{float, float}|null null: all round */
    public ?array $azimuthDeg;

    public ?float $widthMm;

    public ?float $depthMm;

    public Wish $wish;

    public ?FillWith $with;

    /** What a patch is glued in with; null for what suits. */
    public ?JointGlue $glue;

    /** Which offcut a patch is cut from; empty where nobody said. */
    public string $offcut;

    /** What a fill is coloured with; null for one that keeps its own. */
    public ?Rgb $rgb;

    /** Whether it is hardened again after each pass that opens it. */
    public bool $isEachPass;

    private function __construct(Document $flaw)
    {
        $kind = FlawKind::from($flaw->choice('kind', array_column(FlawKind::cases(), 'value')));
        $on = Surface::from($flaw->choice('on', array_column(Surface::cases(), 'value')));
        $from = $flaw->number('from_mm', 0, 3 * Node::MAX_MM);
        $to = $flaw->number('to_mm', 0, 3 * Node::MAX_MM);
        if ($to < $from) {
            throw InvalidProfile::band($flaw->path, $from, $to, 3 * Node::MAX_MM);
        }
        $azimuth = $flaw->has('azimuth_deg') ? $flaw->numbers('azimuth_deg', -360, 720, 2) : null;
        $this->id = Id::read($flaw);
        $this->kind = $kind;
        $this->on = $on;
        $this->fromMm = $from;
        $this->toMm = $to;
        $this->azimuthDeg = $azimuth === null ? null : [$azimuth[0], $azimuth[1]];
        $this->widthMm = $flaw->numberOr('width_mm', null, 0.01, self::MAX_SIZE_MM);
        $this->depthMm = $flaw->numberOr('depth_mm', null, 0.01, self::MAX_SIZE_MM);
        $this->wish = Wish::from(
            $flaw->choice('wish', array_column(Wish::cases(), 'value'), $kind->wishes()[0]->value),
        );
        $this->with = $flaw->has('with') ? FillWith::from(
            $flaw->choice('with', array_column(FillWith::cases(), 'value')),
        ) : null;
        $this->glue = $flaw->has('glue') ? JointGlue::from(
            $flaw->choice('glue', array_column(JointGlue::cases(), 'value')),
        ) : null;
        $this->offcut = $flaw->textOr('offcut', '', self::MOST_OFFCUT) ?? '';
        $this->rgb = $flaw->has('rgb') ? Rgb::hex($flaw->text('rgb', 7), $flaw->at('rgb')) : null;
        $this->isEachPass = $flaw->flag('each_pass', false);
    }

    public static function read(Document $flaw): self
    {
        return new self($flaw);
    }

    /** The same, ending elsewhere along its line. */
    public function until(float $toMm): self
    {
        return Copy::with($this, ['toMm' => round($toMm, 2)]);
    }

    /** @throws InvalidProfile where it runs off its line */
    public function check(Profile $profile, string $field): void
    {
        $length = $this->on->lengthMm($profile);
        if ($length === 0.0 || $this->toMm > $length + 0.05) {
            throw InvalidProfile::band($field, $this->fromMm, $this->toMm, $length);
        }
    }

    /** Whether it is bark that is left on. */
    public function isBarkThatStays(): bool
    {
        return $this->kind === FlawKind::BarkEdge && $this->wish !== Wish::CutAway;
    }

    /** Whether its maker takes it for sound and tight, and leaves it as it is. */
    public function isTightBark(): bool
    {
        return $this->kind === FlawKind::BarkEdge && $this->wish === Wish::Keep;
    }

    /** How far it runs along the line, mm; what is a point there is as long as it is wide. */
    public function lengthMm(): float
    {
        return max($this->toMm - $this->fromMm, $this->widthMm ?? 0.0, 1.0);
    }

    /** The share of a turn that it takes: 1 where no azimuth is given. */
    public function shareOfTurn(): float
    {
        if ($this->azimuthDeg === null) {
            return 1.0;
        }
        $span = fmod($this->azimuthDeg[1] - $this->azimuthDeg[0], 360.0);

        return ($span <= 0.0 ? $span + 360.0 : $span) / 360.0;
    }

    public function at(): Said
    {
        return new Said('piece.flaw.to-along-the', [
            'from' => Quantity::mm($this->fromMm),
            'to' => Quantity::mm($this->toMm),
            'zone' => $this->on->said(),
        ]);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'on' => $this->on->value,
            'from_mm' => round($this->fromMm, 2), 'to_mm' => round($this->toMm, 2),
            'azimuth_deg' => $this->azimuthDeg, 'width_mm' => $this->widthMm, 'depth_mm' => $this->depthMm,
            'wish' => $this->wish->value, 'with' => $this->with?->value,
            ...$this->rgb === null ? [] : ['rgb' => $this->rgb->toHex()],
            ...$this->isEachPass ? ['each_pass' => true] : [],
            ...$this->glue === null ? [] : ['glue' => $this->glue->value],
            ...$this->offcut === '' ? [] : ['offcut' => $this->offcut],
        ];
    }
}
