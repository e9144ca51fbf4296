<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How much play a joint wants, and what gluing takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class JointRates
{
    private function __construct(
        public float $tightBelowMm,
        public float $looseAboveMm,
        public float $playMm,
        public float $easeMm,
        public float $hopelessAboveMm,
        public float $glueMinutes,
        public float $glueHours,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            tightBelowMm: $value('fit_tight_below_mm'),
            looseAboveMm: $value('fit_loose_above_mm'),
            playMm: $value('fit_play_mm'),
            easeMm: $value('fit_ease_mm'),
            hopelessAboveMm: $value('fit_hopeless_above_mm'),
            glueMinutes: $value('glue_minutes'),
            glueHours: $value('glue_hours'),
        );
    }
}
