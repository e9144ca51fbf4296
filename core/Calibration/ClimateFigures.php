<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How readings of the air are taken. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ClimateFigures
{
    private function __construct(
        public float $gapHours,
        public int $profileDays,
        public float $leastC,
        public float $mostC,
        public float $jumpCPerHour,
        public float $jumpRhPerHour,
        public float $stuckHours,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            gapHours: $value('climate_gap_hours'),
            profileDays: (int) $value('climate_profile_days'),
            leastC: $value('climate_least_c'),
            mostC: $value('climate_most_c'),
            jumpCPerHour: $value('climate_jump_c_per_h'),
            jumpRhPerHour: $value('climate_jump_rh_per_h'),
            stuckHours: $value('climate_stuck_hours'),
        );
    }
}
