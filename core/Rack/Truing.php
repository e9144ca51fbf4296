<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Wood\Rings;
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
     * How much more of its size work loses one way than the other from wet to oven dry, %: of side grain across the
     * grain, as its rings lie, against hardly anything along it; of end grain along the rings against across them. Null
     * where nobody published the wood's shrinkage.
     *
     * @param  Rings|null  $rings  flat-sawn, which moves most, where nobody said
     */
    public static function ovalPercent(Wood $wood, GrainDirection $grain, ?Rings $rings = null): ?float
    {
        [$tangential, $radial] = [$wood->figures->tangentialPercent, $wood->figures->radialPercent];

        return match (true) {
            $grain === GrainDirection::Side => ($rings ?? Rings::FlatSawn)->shrinkagePercent($wood->figures),
            $tangential === null || $radial === null => null,
            default => $tangential - $radial,
        };
    }

    /** How oval work gets between two moistures, mm; null where nobody published the wood's shrinkage. */
    public static function ovalMm(
        Wood $wood, GrainDirection $grain, float $diameterMm, float $fromPercent, float $toPercent,
        ?Rings $rings = null,
    ): ?float {
        $percent = self::ovalPercent($wood, $grain, $rings);

        return $percent === null ? null : $diameterMm * self::shrinkFraction($percent, $fromPercent, $toPercent);
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
