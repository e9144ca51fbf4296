<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What marks are laid out by. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class LayoutFigures
{
    public float $tongueAcrossShare;

    public float $tongueLeastStrength;

    public float $dimpleSeconds;

    public float $shadeCm2PerMinute;

    public float $conesFitMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->tongueAcrossShare = $value('tongue_across_share');
        $this->tongueLeastStrength = $value('tongue_least_strength');
        $this->dimpleSeconds = $value('dimple_seconds');
        $this->shadeCm2PerMinute = $value('pen_shade_cm2_per_minute');
        $this->conesFitMm = $value('template_cone_fits_mm');
    }
}
