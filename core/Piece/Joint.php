<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\JointRates;
use HonestGrain\Geometry\Node;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/**
 * Where two parts meet: the first holds the socket, the second goes into it or over it; the diameter they meet at, mm.
 */
final readonly class Joint
{
    public string $id;

    public JointKind $kind;

    /** The id of the part with the socket. */
    public string $socket;

    /** The id of the part that goes into it or over it. */
    public string $spigot;

    public float $diameterMm;

    public float $depthMm;

    public JointPlace $place;

    /** Where in the side it sits; null for one that sits elsewhere, or where nobody said. */
    public ?HolePlace $at;

    /** What it is glued with; null for what suits. */
    public ?JointGlue $glue;

    private function __construct(Document $joint)
    {
        $parts = $joint->strings('parts', 2);
        if (count($parts) !== 2 || $parts[0] === $parts[1]) {
            throw InvalidField::because(
                $joint->at('parts'), $parts, new Said('piece.joint.joint-takes-ids-two'),
            );
        }
        [$this->socket, $this->spigot] = $parts;
        $this->id = Id::read($joint);
        $this->kind = JointKind::from($joint->choice('kind', array_column(JointKind::cases(), 'value')));
        $this->diameterMm = $joint->number('diameter_mm', 0.5, 2 * Node::MAX_MM);
        $this->depthMm = $joint->numberOr('depth_mm', 0.0, 0, Node::MAX_MM);
        $this->place = JointPlace::from(
            $joint->choice('at', array_column(JointPlace::cases(), 'value'), $this->kind->usualPlace()->value),
        );
        $at = HolePlace::readOr($joint);
        $this->at = $this->place === JointPlace::Side ? $at : null;
        $this->glue = $joint->has('glue') ? JointGlue::from(
            $joint->choice('glue', array_column(JointGlue::cases(), 'value')),
        ) : null;
    }

    public static function read(Document $joint): self
    {
        return new self($joint);
    }

    /** @return array{string, string} the ids of the part with the socket, and of what goes into it */
    public function parts(): array
    {
        return [$this->socket, $this->spigot];
    }

    /**
     * How much wider the socket is drawn than what goes into it, mm; null where either is not drawn at the joint.
     */
    public function playMm(Part $socket, Part $spigot): ?float
    {
        if ($this->kind === JointKind::Ball) {
            $mouth = $socket->profile->inner?->first()->r;

            return $mouth === null ? null : 2 * $mouth - $spigot->profile->diameterMm();
        }
        $hole = match (true) {
            $this->place === JointPlace::Side => $this->diameterMm,
            $socket->profile->bore !== null => $socket->profile->bore->diameterMm,
            $this->place === JointPlace::Top
                && $socket->profile->inner !== null => 2 * $socket->profile->inner->first()->r,
            default => $this->diameterMm,
        };
        $ends = [$spigot->profile->outer->first(), $spigot->profile->outer->last()];
        usort($ends, fn ($a, $b): int => abs(2 * $a->r - $hole) <=> abs(2 * $b->r - $hole));
        $peg = 2 * $ends[0]->r;

        return $peg <= 0.0 || $hole <= 0.0 ? null : $hole - $peg;
    }

    /** What a ball must have round it to fall into its cup, mm. */
    public function clearanceMm(Part $ball, JointRates $rates): float
    {
        return $ball->profile->diameterMm() * $rates->ballClearanceShare;
    }

    /** How deep what is glued goes in, mm. */
    public function socketMm(): float
    {
        return $this->depthMm > 0 ? $this->depthMm : $this->diameterMm;
    }

    /** What it is glued with: what bears water where water stands, else what a wood joint usually takes. */
    public function gluedWith(Purpose $purpose): JointGlue
    {
        return $this->glue ?? ($purpose === Purpose::Water ? JointGlue::Epoxy : JointGlue::Wood);
    }

    /** Whether the socket is a hole that nobody drew: it is drilled for what goes in. */
    public function isDrilled(Part $socket): bool
    {
        return match (true) {
            $this->kind !== JointKind::GluedTenon => false,
            $this->place === JointPlace::Side => true,
            $socket->profile->bore !== null => false,
            default => $this->place === JointPlace::Foot || $socket->profile->inner === null,
        };
    }

    /** Whether the spigot goes in by its foot, and not by its upper end. */
    public function entersByFoot(Part $spigot): bool
    {
        $foot = $spigot->profile->outer->first();
        $top = $spigot->profile->outer->last();

        return abs(2 * $foot->r - $this->diameterMm) <= abs(2 * $top->r - $this->diameterMm);
    }

    public function fit(Part $socket, Part $spigot, JointRates $rates): Fit
    {
        $play = $this->playMm($socket, $spigot);

        return match (true) {
            $play === null => Fit::Unknown,
            $this->kind === JointKind::Ball => $play < $this->clearanceMm($spigot, $rates) ? Fit::Binds : Fit::Fits,
            $play < $rates->tightBelowMm => Fit::Binds,
            $play > $rates->looseAboveMm => Fit::Loose,
            default => Fit::Fits,
        };
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'parts' => $this->parts(),
            'diameter_mm' => $this->diameterMm, 'depth_mm' => $this->depthMm, 'at' => $this->place->value,
            'glue' => $this->glue?->value, ...$this->at?->toArray() ?? [],
        ];
    }
}
