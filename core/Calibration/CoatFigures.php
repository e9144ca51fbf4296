<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What laying a coat takes, and how much of it. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class CoatFigures
{
    private function __construct(
        public float $endGrainDrinks,
        public float $sprayLoses,
        public float $setupMinutes,
        public float $denibMinutesPer100Cm2,
        public float $dampMinutesPer100Cm2,
        public float $knockBackMinutesPer100Cm2,
        public float $oilyWoodSlows,
        public float $wipedMinutesPer100Cm2,
        public float $brushedMinutesPer100Cm2,
        public float $sprayedMinutesPer100Cm2,
        public float $pouredMinutesPer100Cm2,
        public float $onTheLatheMinutesPer100Cm2,
        public float $clothMinutesPer100Cm2,
        public float $wheelMinutesPer100Cm2,
        public float $padRemovesUm,
        public float $steelWoolRemovesUm,
        public float $paperRemovesUm,
        public float $sealerLeaves,
        public float $floodedMinutesPer100Cm2,
        public float $wipeOffMinutesPer100Cm2,
        public float $pasteMinutesPer100Cm2,
        public float $quickMinutesPer100Cm2,
        public float $quickSetupMinutes,
        public float $spunLeastMinutes,
        public float $pasteLeastMinutes,
        public float $coolingMinutes,
        public float $polishMostCm2,
        public float $waterTestMinutes,
        public float $waterTestHours,
        public float $emptyMinutes,
        public float $emptiedDryHours,
        public float $dripsMinutes,
        public float $oilBoundUnderWaterHours,
        public float $pureOilSolidsPercent,
        public float $hardWaxCoats,
        public float $dewMarginC,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            endGrainDrinks: $value('coat_end_grain_drinks'),
            sprayLoses: $value('coat_spray_loses'),
            setupMinutes: $value('coat_setup_minutes'),
            denibMinutesPer100Cm2: $value('coat_denib_minutes_per_100cm2'),
            dampMinutesPer100Cm2: $value('coat_damp_minutes_per_100cm2'),
            knockBackMinutesPer100Cm2: $value('coat_knock_back_minutes_per_100cm2'),
            oilyWoodSlows: $value('coat_oily_wood_slows'),
            wipedMinutesPer100Cm2: $value('coat_wiped_minutes_per_100cm2'),
            brushedMinutesPer100Cm2: $value('coat_brushed_minutes_per_100cm2'),
            sprayedMinutesPer100Cm2: $value('coat_sprayed_minutes_per_100cm2'),
            pouredMinutesPer100Cm2: $value('coat_poured_minutes_per_100cm2'),
            onTheLatheMinutesPer100Cm2: $value('coat_on_the_lathe_minutes_per_100cm2'),
            clothMinutesPer100Cm2: $value('coat_cloth_minutes_per_100cm2'),
            wheelMinutesPer100Cm2: $value('coat_wheel_minutes_per_100cm2'),
            padRemovesUm: $value('coat_pad_removes_um'),
            steelWoolRemovesUm: $value('coat_steel_wool_removes_um'),
            paperRemovesUm: $value('coat_paper_removes_um'),
            sealerLeaves: $value('coat_sealer_leaves'),
            floodedMinutesPer100Cm2: $value('coat_flooded_minutes_per_100cm2'),
            wipeOffMinutesPer100Cm2: $value('coat_wipe_off_minutes_per_100cm2'),
            pasteMinutesPer100Cm2: $value('coat_paste_minutes_per_100cm2'),
            quickMinutesPer100Cm2: $value('coat_quick_minutes_per_100cm2'),
            quickSetupMinutes: $value('coat_quick_setup_minutes'),
            spunLeastMinutes: $value('coat_spun_least_minutes'),
            pasteLeastMinutes: $value('coat_paste_least_minutes'),
            coolingMinutes: $value('coat_cooling_minutes'),
            polishMostCm2: $value('coat_polish_most_cm2'),
            waterTestMinutes: $value('coat_water_test_minutes'),
            waterTestHours: $value('coat_water_test_hours'),
            emptyMinutes: $value('coat_empty_minutes'),
            emptiedDryHours: $value('coat_emptied_dry_hours'),
            dripsMinutes: $value('coat_drips_minutes'),
            oilBoundUnderWaterHours: $value('coat_oil_bound_under_water_hours'),
            pureOilSolidsPercent: $value('coat_pure_oil_solids_percent'),
            hardWaxCoats: $value('coat_hard_wax_coats'),
            dewMarginC: $value('coat_dew_margin_c'),
        );
    }
}
