<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * What repairs of flaws take, and how fast flawed work may spin. Units are in the names; sources in
 * `catalogue/constants.csv`.
 */
final readonly class RepairRates
{
    public float $hairlineCaMlPerCm;

    public float $hairlineMinutes;

    public float $hairlineWidthMm;

    public float $usualWidthMm;

    public float $usualDepthMm;

    public float $patchOverMm;

    public float $patchUnderMm;

    public float $patchMinutes;

    public float $pithClearMm;

    public float $offCentreMinutes;

    public float $fillDepthMm;

    public float $pithBoreMm;

    public float $fillMinutes;

    public float $epoxyFromMl;

    public float $epoxyMinutes;

    public float $powderPacking;

    public float $softCaMlPerCm2;

    public float $caBottleMl;

    public float $stoneGPerMl;

    public float $sieveMm;

    public float $softHours;

    public float $softMinutesPerCm2;

    public float $recutMinutesPer100Cm2;

    public float $cutAwayMinutes;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->hairlineCaMlPerCm = $value('repair_hairline_ca_ml_per_cm');
        $this->hairlineMinutes = $value('repair_hairline_minutes');
        $this->hairlineWidthMm = $value('repair_hairline_width_mm');
        $this->usualWidthMm = $value('repair_usual_width_mm');
        $this->usualDepthMm = $value('repair_usual_depth_mm');
        $this->patchOverMm = $value('repair_patch_over_mm');
        $this->patchUnderMm = $value('repair_patch_under_mm');
        $this->patchMinutes = $value('repair_patch_minutes');
        $this->pithClearMm = $value('repair_pith_clear_mm');
        $this->offCentreMinutes = $value('repair_off_centre_minutes');
        $this->fillDepthMm = $value('repair_fill_depth_mm');
        $this->pithBoreMm = $value('repair_pith_bore_mm');
        $this->fillMinutes = $value('repair_fill_minutes');
        $this->epoxyFromMl = $value('repair_epoxy_from_ml');
        $this->epoxyMinutes = $value('repair_epoxy_minutes');
        $this->powderPacking = $value('repair_powder_packing');
        $this->softCaMlPerCm2 = $value('repair_soft_ca_ml_per_cm2');
        $this->caBottleMl = $value('repair_ca_bottle_ml');
        $this->stoneGPerMl = $value('repair_stone_g_per_ml');
        $this->sieveMm = $value('repair_sieve_mm');
        $this->softHours = $value('repair_soft_hours');
        $this->softMinutesPerCm2 = $value('repair_soft_minutes_per_cm2');
        $this->recutMinutesPer100Cm2 = $value('repair_recut_minutes_per_100cm2');
        $this->cutAwayMinutes = $value('repair_cut_away_minutes');
    }
}
