<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * How deep grits scratch, how fast they cut, and what sanding takes. Units are in the names; sources in
 * `catalogue/constants.csv`.
 */
final readonly class SandingFigures
{
    private function __construct(
        public float $referenceHardnessN,
        public float $valleyPerMicron,
        public float $hardnessExponent,
        public float $removalUmPerMin,
        public float $referenceGrainUm,
        public float $referenceSpeedMPerS,
        public float $padMm2,
        public float $maxRatio,
        public float $changeMinutes,
        public float $inspectMinutes,
        public float $coverMinutesPer100Cm2,
        public float $alongGrainMinutesPer100Cm2,
        public float $overlap,
        public float $discLifeGrains,
        public float $cleanCutUm,
        public float $recutWorthMinutes,
        public float $powerFloorMPerS,
        public float $capMPerS,
        public float $smallDiscRemoval,
        public float $smallDiscPadMm2,
        public float $stickRemoval,
        public float $stickPadMm2,
        public float $recutMinutesPer100Cm2,
        public float $bevelCutUm,
        public float $scrapedUm,
        public float $tornUm,
        public float $chatterUm,
        public float $coarseCutUm,
        public float $tearExposure,
        public float $stickUnderMm,
        public float $powerDiscRemoval,
        public float $powerDiscPadMm2,
        public float $orbitRemoval,
        public float $orbitPadMm2,
        public float $alongGrainRemoval,
        public float $clothRemoval,
        public float $clothPadMm2,
        public float $wetRemoval,
        public float $wetPaperLasts,
        public float $heatWallMm,
        public float $stiffenMinutesPer100Cm2,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            referenceHardnessN: $value('reference_hardness_n'),
            valleyPerMicron: $value('sanding_valley_per_micron'),
            hardnessExponent: $value('sanding_hardness_exponent'),
            removalUmPerMin: $value('sanding_removal_um_min'),
            referenceGrainUm: $value('sanding_reference_grain_um'),
            referenceSpeedMPerS: $value('sanding_reference_speed_m_s'),
            padMm2: $value('sanding_pad_mm2'),
            maxRatio: $value('sanding_max_ratio'),
            changeMinutes: $value('sanding_change_minutes'),
            inspectMinutes: $value('sanding_inspect_minutes'),
            coverMinutesPer100Cm2: $value('sanding_cover_minutes_per_100cm2'),
            alongGrainMinutesPer100Cm2: $value('sanding_along_grain_minutes_per_100cm2'),
            overlap: $value('sanding_overlap'),
            discLifeGrains: $value('sanding_disc_life_grains'),
            cleanCutUm: $value('sanding_clean_cut_um'),
            recutWorthMinutes: $value('sanding_recut_worth_minutes'),
            powerFloorMPerS: $value('sanding_power_floor_m_s'),
            capMPerS: $value('sanding_cap_m_s'),
            smallDiscRemoval: $value('sanding_small_disc_removal'),
            smallDiscPadMm2: $value('sanding_small_disc_pad_mm2'),
            stickRemoval: $value('sanding_stick_removal'),
            stickPadMm2: $value('sanding_stick_pad_mm2'),
            recutMinutesPer100Cm2: $value('repair_recut_minutes_per_100cm2'),
            bevelCutUm: $value('sanding_bevel_cut_um'),
            scrapedUm: $value('sanding_scraped_um'),
            tornUm: $value('sanding_torn_um'),
            chatterUm: $value('sanding_chatter_um'),
            coarseCutUm: $value('sanding_coarse_cut_um'),
            tearExposure: $value('sanding_tear_exposure'),
            stickUnderMm: $value('sanding_stick_under_mm'),
            powerDiscRemoval: $value('sanding_power_disc_removal'),
            powerDiscPadMm2: $value('sanding_power_disc_pad_mm2'),
            orbitRemoval: $value('sanding_orbit_removal'),
            orbitPadMm2: $value('sanding_orbit_pad_mm2'),
            alongGrainRemoval: $value('sanding_along_grain_removal'),
            clothRemoval: $value('sanding_cloth_removal'),
            clothPadMm2: $value('sanding_cloth_pad_mm2'),
            wetRemoval: $value('sanding_wet_removal'),
            wetPaperLasts: $value('sanding_wet_paper_lasts'),
            heatWallMm: $value('sanding_heat_wall_mm'),
            stiffenMinutesPer100Cm2: $value('sanding_stiffen_minutes_per_100cm2'),
        );
    }
}
