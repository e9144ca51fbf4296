<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Geometry\Point;

/** A band as a piece has it, along its line; flat paper follows it as one cone, or in gores. */
final readonly class CurvedBand
{
    /** @param  non-empty-list<array{float, float}>  $places  radius, and arc length from the lower edge, mm */
    private function __construct(public array $places, private float $bendsMm, private float $chordMm)
    {
    }

    /** @param  non-empty-list<Point>  $points  along the line, either way */
    public static function along(array $points): self
    {
        $points = $points[0]->z > $points[count($points) - 1]->z ? array_reverse($points) : $points;
        [$from, $to] = [$points[0], $points[count($points) - 1]];
        $chord = hypot($to->z - $from->z, $to->r - $from->r);
        $bends = 0.0;
        foreach ($points as $point) {
            $off = ($to->z - $from->z) * ($point->r - $from->r) - ($to->r - $from->r) * ($point->z - $from->z);
            $bends = $chord > 0 ? max($bends, abs($off) / $chord) : INF;
        }

        return new self(
            array_map(fn (Point $p): array => [$p->r, abs($p->arcMm - $from->arcMm)], $points), $bends, $chord,
        );
    }

    public function heightMm(): float
    {
        return $this->places[count($this->places) - 1][1];
    }

    /** The cone that it is, where it bends no more than that; null where it bends more. */
    public function cone(float $fitsMm): ?UnrolledBand
    {
        return $this->bendsMm > $fitsMm ? null
            : UnrolledBand::of($this->places[count($this->places) - 1][0], $this->places[0][0], $this->chordMm);
    }
}
