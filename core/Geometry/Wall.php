<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Internal\Segments;

/** The thinnest place between the two curves: how thin, and where on the outer curve, mm. */
final readonly class Wall
{
    private function __construct(public float $minMm, public float $z, public float $r)
    {
    }

    /** Physics: the shortest distance from any sampled point of one curve to the other curve. */
    public static function thinnest(Curve $outer, Curve $inner): self
    {
        $best = new self(INF, 0.0, 0.0);
        foreach ($outer->points as $point) {
            [$distance] = Segments::nearest($point, $inner->points);
            if ($distance < $best->minMm) {
                $best = new self($distance, $point->z, $point->r);
            }
        }
        foreach ($inner->points as $point) {
            [$distance, $z, $r] = Segments::nearest($point, $outer->points);
            if ($distance < $best->minMm) {
                $best = new self($distance, $z, $r);
            }
        }

        return $best;
    }
}
