<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How readings of the air are taken. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ClimateFigures
{
    public float $gapHours;

    public int $profileDays;

    public float $leastC;

    public float $mostC;

    public float $jumpCPerHour;

    public float $jumpRhPerHour;

    public float $stuckHours;

    public float $colderK;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->gapHours = $value('climate_gap_hours');
        $this->profileDays = (int) $value('climate_profile_days');
        $this->leastC = $value('climate_least_c');
        $this->mostC = $value('climate_most_c');
        $this->jumpCPerHour = $value('climate_jump_c_per_h');
        $this->jumpRhPerHour = $value('climate_jump_rh_per_h');
        $this->stuckHours = $value('climate_stuck_hours');
        $this->colderK = $value('climate_colder_k');
    }
}
