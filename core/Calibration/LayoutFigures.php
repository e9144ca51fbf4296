<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What marks are laid out by. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class LayoutFigures
{
    private function __construct(
        public float $tongueAcrossShare,
        public float $tongueLeastStrength,
        public float $dimpleSeconds,
        public float $shadeCm2PerMinute,
        public float $conesFitMm,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            tongueAcrossShare: $value('tongue_across_share'),
            tongueLeastStrength: $value('tongue_least_strength'),
            dimpleSeconds: $value('dimple_seconds'),
            shadeCm2PerMinute: $value('pen_shade_cm2_per_minute'),
            conesFitMm: $value('template_cone_fits_mm'),
        );
    }
}
