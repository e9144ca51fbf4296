<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What turning takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class TurningRates
{
    private function __construct(
        public float $roughCm3PerMinute,
        public float $cutCm3PerMinute,
        public float $finishMinutesPer100Cm2,
        public float $drillMmPerMinute,
        public float $fitBitMinutes,
        public float $drillUpToMm,
        public float $holdMinutes,
        public float $allowanceMm,
        public float $roughWallShare,
        public float $partOffMinutes,
        public float $rimSpeedMPerS,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            roughCm3PerMinute: $value('turning_rough_cm3_per_minute'),
            cutCm3PerMinute: $value('turning_cut_cm3_per_minute'),
            finishMinutesPer100Cm2: $value('turning_finish_minutes_per_100cm2'),
            drillMmPerMinute: $value('turning_drill_mm_per_minute'),
            fitBitMinutes: $value('turning_fit_bit_minutes'),
            drillUpToMm: $value('turning_drill_up_to_mm'),
            holdMinutes: $value('turning_hold_minutes'),
            allowanceMm: $value('turning_allowance_mm'),
            roughWallShare: $value('turning_rough_wall_share'),
            partOffMinutes: $value('turning_part_off_minutes'),
            rimSpeedMPerS: $value('turning_rim_speed_m_s'),
        );
    }
}
