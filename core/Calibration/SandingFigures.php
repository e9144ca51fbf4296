<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * How deep grits scratch, how fast they cut, and what sanding takes. Units are in the names; sources in
 * `catalogue/constants.csv`.
 */
final readonly class SandingFigures
{
    public float $referenceHardnessN;

    public float $valleyPerMicron;

    public float $hardnessExponent;

    public float $removalUmPerMin;

    public float $referenceGrainUm;

    public float $referenceSpeedMPerS;

    public float $padMm2;

    public float $maxRatio;

    public float $changeMinutes;

    public float $inspectMinutes;

    public float $coverMinutesPer100Cm2;

    public float $alongGrainMinutesPer100Cm2;

    public float $overlap;

    public float $discLifeGrains;

    public float $cleanCutUm;

    public float $recutWorthMinutes;

    public float $powerFloorMPerS;

    public float $capMPerS;

    public float $smallDiscRemoval;

    public float $smallDiscPadMm2;

    public float $stickRemoval;

    public float $stickPadMm2;

    public float $recutMinutesPer100Cm2;

    public float $bevelCutUm;

    public float $scrapedUm;

    public float $tornUm;

    public float $chatterUm;

    public float $coarseCutUm;

    public float $tearExposure;

    public float $stickUnderMm;

    public float $powerDiscRemoval;

    public float $powerDiscPadMm2;

    public float $orbitRemoval;

    public float $orbitPadMm2;

    public float $alongGrainRemoval;

    public float $clothRemoval;

    public float $clothPadMm2;

    public float $wetRemoval;

    public float $wetPaperLasts;

    public float $heatWallMm;

    public float $stiffenMinutesPer100Cm2;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->referenceHardnessN = $value('reference_hardness_n');
        $this->valleyPerMicron = $value('sanding_valley_per_micron');
        $this->hardnessExponent = $value('sanding_hardness_exponent');
        $this->removalUmPerMin = $value('sanding_removal_um_min');
        $this->referenceGrainUm = $value('sanding_reference_grain_um');
        $this->referenceSpeedMPerS = $value('sanding_reference_speed_m_s');
        $this->padMm2 = $value('sanding_pad_mm2');
        $this->maxRatio = $value('sanding_max_ratio');
        $this->changeMinutes = $value('sanding_change_minutes');
        $this->inspectMinutes = $value('sanding_inspect_minutes');
        $this->coverMinutesPer100Cm2 = $value('sanding_cover_minutes_per_100cm2');
        $this->alongGrainMinutesPer100Cm2 = $value('sanding_along_grain_minutes_per_100cm2');
        $this->overlap = $value('sanding_overlap');
        $this->discLifeGrains = $value('sanding_disc_life_grains');
        $this->cleanCutUm = $value('sanding_clean_cut_um');
        $this->recutWorthMinutes = $value('sanding_recut_worth_minutes');
        $this->powerFloorMPerS = $value('sanding_power_floor_m_s');
        $this->capMPerS = $value('sanding_cap_m_s');
        $this->smallDiscRemoval = $value('sanding_small_disc_removal');
        $this->smallDiscPadMm2 = $value('sanding_small_disc_pad_mm2');
        $this->stickRemoval = $value('sanding_stick_removal');
        $this->stickPadMm2 = $value('sanding_stick_pad_mm2');
        $this->recutMinutesPer100Cm2 = $value('repair_recut_minutes_per_100cm2');
        $this->bevelCutUm = $value('sanding_bevel_cut_um');
        $this->scrapedUm = $value('sanding_scraped_um');
        $this->tornUm = $value('sanding_torn_um');
        $this->chatterUm = $value('sanding_chatter_um');
        $this->coarseCutUm = $value('sanding_coarse_cut_um');
        $this->tearExposure = $value('sanding_tear_exposure');
        $this->stickUnderMm = $value('sanding_stick_under_mm');
        $this->powerDiscRemoval = $value('sanding_power_disc_removal');
        $this->powerDiscPadMm2 = $value('sanding_power_disc_pad_mm2');
        $this->orbitRemoval = $value('sanding_orbit_removal');
        $this->orbitPadMm2 = $value('sanding_orbit_pad_mm2');
        $this->alongGrainRemoval = $value('sanding_along_grain_removal');
        $this->clothRemoval = $value('sanding_cloth_removal');
        $this->clothPadMm2 = $value('sanding_cloth_pad_mm2');
        $this->wetRemoval = $value('sanding_wet_removal');
        $this->wetPaperLasts = $value('sanding_wet_paper_lasts');
        $this->heatWallMm = $value('sanding_heat_wall_mm');
        $this->stiffenMinutesPer100Cm2 = $value('sanding_stiffen_minutes_per_100cm2');
    }
}
