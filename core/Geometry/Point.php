<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** A point of a sampled curve, mm, with its arc length from the curve's first node. */
final readonly class Point
{
    public function __construct(public float $z, public float $r, public float $arcMm)
    {
    }
}
