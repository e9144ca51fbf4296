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

    /** The radius so far up it. */
    public function radiusAtMm(float $upMm): float
    {
        $before = $this->places[0];
        foreach ($this->places as $place) {
            if ($place[1] >= $upMm) {
                $span = $place[1] - $before[1];

                return $span > 0 ? $before[0] + ($upMm - $before[1]) / $span * ($place[0] - $before[0]) : $place[0];
            }
            $before = $place;
        }

        return $before[0];
    }

    /** The cone through its two edges, however it bends between them. */
    public function nearestCone(): UnrolledBand
    {
        return UnrolledBand::of(
            $this->places[count($this->places) - 1][0], $this->places[0][0], max($this->chordMm, 0.1),
        );
    }

    /** The cone that it is, where it bends no more than that; null where it bends more. */
    public function cone(float $fitsMm): ?UnrolledBand
    {
        return $this->bendsMm > $fitsMm ? null
            : UnrolledBand::of($this->places[count($this->places) - 1][0], $this->places[0][0], $this->chordMm);
    }
}
