<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What is carried to the lathe of a part: every corner, its widest and its narrowest place, the edges of what is cut
 * into it, its holes and the bottom of its inside, from the foot upwards, with what the callipers and the wall say.
 */
final readonly class StoryStick
{
    /** Nearer to each other than this two lines are one. */
    private const NEAR_MM = 0.4;

    /** So many more heights at which the wall is said, of what is hollow. */
    private const WALLS = 6;

    /** @param  list<StickMark>  $marks  from the foot upwards */
    private function __construct(public Part $part, public array $marks)
    {
    }

    public static function of(Part $part): self
    {
        $self = new self($part, []);
        $found = [...$self->ofOutside(), ...$self->ofMarks(), ...$self->ofHoles(), ...$self->ofInside()];
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $marks = [];
        foreach ($found as [$height, $what]) {
            $last = $marks[count($marks) - 1] ?? null;
            if ($last === null || $height - $last->heightMm > self::NEAR_MM) {
                $marks[] = $self->at($height, $what);
            }
        }

        return new self($part, $marks);
    }

    /**
     * What it weighs as a blank, once its outside is turned, and hollowed: a scale that says more tells of a wall that
     * is still thick.
     *
     * @return array<string, float> g by stage; none where nobody knows how heavy its wood is
     */
    public function weights(Calibration $calibration, ?PieceStock $stock): array
    {
        $work = new Workpieces(part: $this->part, calibration: $calibration, stock: $stock);
        $weights = [];
        foreach ([HoldStage::Outside, HoldStage::Inside, HoldStage::Foot] as $stage) {
            $grams = $work->at($stage)->size->massG;
            $isSame = $stage === HoldStage::Foot && $this->part->profile->inner === null;
            if ($grams !== null && ! $isSame) {
                $weights[$stage->value] = $grams;
            }
        }

        return $weights;
    }

    /**
     * The rings that marks leave on ends and rims, to set dividers by: the mark, its end, and both diameters, mm.
     *
     * @return list<array{Said, Surface, float, float}>
     */
    public function rings(): array
    {
        $rings = [];
        foreach ($this->part->marks as $mark) {
            if (! in_array($mark->band->on, [Surface::Outer, Surface::Inner], true)) {
                $line = Measurement::strip($this->part->profile, $mark->band);
                $rings[] = [
                    $mark->label(), $mark->band->on, 2 * $line[0]->r, 2 * $line[count($line) - 1]->r,
                ];
            }
        }

        return $rings;
    }

    private function at(float $heightMm, Said $what): StickMark
    {
        $profile = $this->part->profile;
        $across = $profile->diameterAtMm($heightMm) ?? 0.0;
        $inner = max($profile->hollowRadiusAtMm($heightMm), $profile->boreRadiusAtMm($heightMm));

        return new StickMark($heightMm, $across, $inner > 0 ? max(0.0, $across / 2 - $inner) : null, $what);
    }

    /** @return list<array{float, Said}> */
    private function ofOutside(): array
    {
        $outer = $this->part->profile->outer;
        $found = [
            [0.0, new Said('piece.stick.foot')],
            [$this->part->profile->heightMm(), new Said('piece.stick.top')],
        ];
        $edge = $this->part->profile->edge;
        if ($edge !== null) {
            $found[] = [$this->part->profile->heightMm() - $edge->dropMm, new Said('piece.stick.lowest-rim')];
        }
        foreach ($outer->nodes as $node) {
            if ($node->corner) {
                $found[] = [$node->z - $this->low(), new Said('piece.stick.corner')];
            }
        }
        foreach (self::turns($outer) as [$point, $isWide]) {
            $found[] = [
                $point->z - $this->low(), new Said($isWide ? 'piece.stick.widest' : 'piece.stick.narrowest'),
            ];
        }

        return $found;
    }

    /** @return list<array{float, Said}> */
    private function ofMarks(): array
    {
        $found = [];
        foreach ($this->part->marks as $mark) {
            $line = match ($mark->band->on) {
                Surface::Outer => $this->part->profile->outer,
                Surface::Inner => $this->part->profile->inner,
                default => null,
            };
            if ($line === null) {
                continue;
            }
            foreach ([$mark->band->fromMm, $mark->band->toMm] as $arc) {
                $found[] = [$line->at($arc)->z - $this->low(), new Said(
                    $mark->band->on === Surface::Outer ? 'piece.stick.mark' : 'piece.stick.mark-inside',
                    ['mark' => $mark->label()],
                )];
            }
        }

        return $found;
    }

    /** @return list<array{float, Said}> */
    private function ofHoles(): array
    {
        $found = [];
        foreach ($this->part->holes as $hole) {
            if ($hole->place !== null) {
                $found[] = [$hole->place->heightMm, new Said('piece.stick.hole', [
                    'diameter' => Quantity::mm($hole->diameterMm),
                    'azimuth' => Quantity::degrees($hole->place->azimuthDeg),
                ])];
            }
        }

        return $found;
    }

    /** @return list<array{float, Said}> the bottom of the inside, and walls between it and the rim */
    private function ofInside(): array
    {
        $inner = $this->part->profile->inner;
        if ($inner === null) {
            return [];
        }
        $bottom = $inner->last()->z - $this->low();
        $rim = $inner->first()->z - $this->low();
        $found = [[$bottom, new Said('piece.stick.bottom', ['depth' => Quantity::mm($rim - $bottom)])]];
        for ($i = 1; $i < self::WALLS; $i++) {
            $found[] = [$bottom + ($rim - $bottom) * $i / self::WALLS, new Said('piece.stick.wall')];
        }

        return $found;
    }

    private function low(): float
    {
        return min(array_map(fn (Point $point): float => $point->z, $this->part->profile->outer->points));
    }

    /** @return list<array{Point, bool}> where a line turns back to the axis or away from it, and whether it is wide */
    private static function turns(Curve $line): array
    {
        $turns = [];
        $before = 0;
        $last = $line->first();
        foreach (array_slice($line->points, 1) as $point) {
            $way = $point->r <=> $last->r;
            if ($way !== 0 && $before !== 0 && $way !== $before) {
                $turns[] = [$last, $before > 0];
            }
            [$before, $last] = [$way === 0 ? $before : $way, $point];
        }

        return $turns;
    }
}
