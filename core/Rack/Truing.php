<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Wood\Wood;

/**
 * What is left of a rough bowl once it has dried oval: it shrinks across the grain and hardly along it.
 *
 * Published: shrinkage from Wood Handbook table 4-3, linear from fibre saturation (30 %) to oven dry. Physics: the
 * largest true circle in an oval, and the wall that is left when both sides are turned to it.
 */
final readonly class Truing
{
    private function __construct(
        public float $shrinkFraction,
        public float $ovalityMm,
        public float $trueDiameterMm,
        public float $mostWallMm,
        public ?float $tenonMm,
    ) {
    }

    /** How much of its size across the grain wood loses between two moistures. */
    public static function shrinkFraction(float $shrinkagePercent, float $fromPercent, float $toPercent): float
    {
        $wet = min($fromPercent, Wood::FIBRE_SATURATION_PERCENT);
        $dry = min($toPercent, Wood::FIBRE_SATURATION_PERCENT);

        return $shrinkagePercent / 100 * ($wet - $dry) / Wood::FIBRE_SATURATION_PERCENT;
    }

    /**
     * How oval work gets between two moistures, mm: across a flat-sawn face the one way shrinks along the rings and the
     * other, along the grain, hardly at all; across end grain both ways shrink, the one along the rings and the other
     * across them. Null where nobody published the wood's shrinkage.
     */
    public static function ovalMm(
        Wood $wood, GrainDirection $grain, float $diameterMm, float $fromPercent, float $toPercent,
    ): ?float {
        $other = $grain === GrainDirection::Side ? 0.0 : $wood->figures->radialPercent;

        $along = $wood->figures->tangentialPercent;

        return $along === null || $other === null ? null
            : $diameterMm * self::shrinkFraction($along - $other, $fromPercent, $toPercent);
    }

    /**
     * @param  float  $diameterMm  as it was roughed
     * @param  float  $wallMm  as it was roughed
     * @param  float  $allowanceMm  taken off besides to come clean
     * @param  float|null  $tenonMm  as it was roughed; null where there is none
     */
    public static function of(
        float $shrinkFraction,
        float $diameterMm,
        float $wallMm,
        float $allowanceMm = 0.0,
        ?float $tenonMm = null,
    ): self {
        $oval = $shrinkFraction * $diameterMm;

        return new self(
            $shrinkFraction, $oval, $diameterMm - $oval - $allowanceMm, $wallMm - $oval / 2 - $allowanceMm,
            $tenonMm === null ? null : $tenonMm * (1 - $shrinkFraction) - $allowanceMm,
        );
    }

    /** The rough wall from which a finished one can still be turned. */
    public static function roughWallMm(
        float $shrinkFraction,
        float $diameterMm,
        float $finishedMm,
        float $allowanceMm,
    ): float {
        return $finishedMm + $shrinkFraction * $diameterMm / 2 + $allowanceMm;
    }
}
