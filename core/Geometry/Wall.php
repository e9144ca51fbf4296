<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

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
        $toInner = $inner->tree();
        foreach ($outer->points as $point) {
            [$distance] = $toInner->nearest($point, $best->minMm);
            if ($distance < $best->minMm) {
                $best = new self($distance, $point->z, $point->r);
            }
        }
        $toOuter = $outer->tree();
        foreach ($inner->points as $point) {
            [$distance, $z, $r] = $toOuter->nearest($point, $best->minMm);
            if ($distance < $best->minMm) {
                $best = new self($distance, $z, $r);
            }
        }

        return $best;
    }
}
