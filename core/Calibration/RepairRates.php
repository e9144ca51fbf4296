<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * What repairs of flaws take, and how fast flawed work may spin. Units are in the names; sources in
 * `catalogue/constants.csv`.
 */
final readonly class RepairRates
{
    private function __construct(
        public float $hairlineCaMlPerCm,
        public float $hairlineMinutes,
        public float $hairlineWidthMm,
        public float $usualWidthMm,
        public float $usualDepthMm,
        public float $fillDepthMm,
        public float $fillMinutes,
        public float $epoxyFromMl,
        public float $epoxyMinutes,
        public float $powderPacking,
        public float $softCaMlPerCm2,
        public float $caBottleMl,
        public float $stoneGPerMl,
        public float $sieveMm,
        public float $softHours,
        public float $softMinutesPerCm2,
        public float $recutMinutesPer100Cm2,
        public float $cutAwayMinutes,
        public float $flawedRimSpeedMPerS,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            hairlineCaMlPerCm: $value('repair_hairline_ca_ml_per_cm'),
            hairlineMinutes: $value('repair_hairline_minutes'),
            hairlineWidthMm: $value('repair_hairline_width_mm'),
            usualWidthMm: $value('repair_usual_width_mm'),
            usualDepthMm: $value('repair_usual_depth_mm'),
            fillDepthMm: $value('repair_fill_depth_mm'),
            fillMinutes: $value('repair_fill_minutes'),
            epoxyFromMl: $value('repair_epoxy_from_ml'),
            epoxyMinutes: $value('repair_epoxy_minutes'),
            powderPacking: $value('repair_powder_packing'),
            softCaMlPerCm2: $value('repair_soft_ca_ml_per_cm2'),
            caBottleMl: $value('repair_ca_bottle_ml'),
            stoneGPerMl: $value('repair_stone_g_per_ml'),
            sieveMm: $value('repair_sieve_mm'),
            softHours: $value('repair_soft_hours'),
            softMinutesPerCm2: $value('repair_soft_minutes_per_cm2'),
            recutMinutesPer100Cm2: $value('repair_recut_minutes_per_100cm2'),
            cutAwayMinutes: $value('repair_cut_away_minutes'),
            flawedRimSpeedMPerS: $value('flawed_rim_speed_m_s'),
        );
    }
}
