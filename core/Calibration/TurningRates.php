<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What turning takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class TurningRates
{
    public float $roughCm3PerMinute;

    public float $cutCm3PerMinute;

    public float $finishMinutesPer100Cm2;

    public float $drillMmPerMinute;

    public float $fitBitMinutes;

    public float $drillUpToMm;

    public float $holdMinutes;

    public float $allowanceMm;

    public float $roughWallShare;

    public float $partOffMinutes;

    public float $rimSpeedMPerS;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->roughCm3PerMinute = $value('turning_rough_cm3_per_minute');
        $this->cutCm3PerMinute = $value('turning_cut_cm3_per_minute');
        $this->finishMinutesPer100Cm2 = $value('turning_finish_minutes_per_100cm2');
        $this->drillMmPerMinute = $value('turning_drill_mm_per_minute');
        $this->fitBitMinutes = $value('turning_fit_bit_minutes');
        $this->drillUpToMm = $value('turning_drill_up_to_mm');
        $this->holdMinutes = $value('turning_hold_minutes');
        $this->allowanceMm = $value('turning_allowance_mm');
        $this->roughWallShare = $value('turning_rough_wall_share');
        $this->partOffMinutes = $value('turning_part_off_minutes');
        $this->rimSpeedMPerS = $value('turning_rim_speed_m_s');
    }
}
