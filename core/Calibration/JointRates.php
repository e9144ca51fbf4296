<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How much play a joint wants, and what gluing takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class JointRates
{
    public float $tightBelowMm;

    public float $looseAboveMm;

    public float $playMm;

    public float $easeMm;

    public float $hopelessAboveMm;

    public float $glueMinutes;

    public float $glueHours;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->tightBelowMm = $value('fit_tight_below_mm');
        $this->looseAboveMm = $value('fit_loose_above_mm');
        $this->playMm = $value('fit_play_mm');
        $this->easeMm = $value('fit_ease_mm');
        $this->hopelessAboveMm = $value('fit_hopeless_above_mm');
        $this->glueMinutes = $value('glue_minutes');
        $this->glueHours = $value('glue_hours');
    }
}
