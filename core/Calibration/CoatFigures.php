<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What laying a coat takes, and how much of it. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class CoatFigures
{
    public float $endGrainDrinks;

    public float $sprayLoses;

    public float $setupMinutes;

    public float $earlySmellsWaits;

    public float $earlyPrintsWaits;

    public float $denibMinutesPer100Cm2;

    public float $dampMinutesPer100Cm2;

    public float $knockBackMinutesPer100Cm2;

    public float $oilyWoodSlows;

    public float $wipedMinutesPer100Cm2;

    public float $brushedMinutesPer100Cm2;

    public float $sprayedMinutesPer100Cm2;

    public float $pouredMinutesPer100Cm2;

    public float $onTheLatheMinutesPer100Cm2;

    public float $clothMinutesPer100Cm2;

    public float $wheelMinutesPer100Cm2;

    public float $padRemovesUm;

    public float $steelWoolRemovesUm;

    public float $paperRemovesUm;

    public float $sealerLeaves;

    public float $floodedMinutesPer100Cm2;

    public float $wipeOffMinutesPer100Cm2;

    public float $pasteMinutesPer100Cm2;

    public float $quickMinutesPer100Cm2;

    public float $quickSetupMinutes;

    public float $spunLeastMinutes;

    public float $pasteLeastMinutes;

    public float $coolingMinutes;

    public float $polishMostCm2;

    public float $waterTestMinutes;

    public float $waterTestHours;

    public float $emptyMinutes;

    public float $emptiedDryHours;

    public float $dripsMinutes;

    public float $oilBoundUnderWaterHours;

    public float $pureOilSolidsPercent;

    public float $hardWaxCoats;

    public float $dewMarginC;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->endGrainDrinks = $value('coat_end_grain_drinks');
        $this->sprayLoses = $value('coat_spray_loses');
        $this->setupMinutes = $value('coat_setup_minutes');
        $this->earlySmellsWaits = $value('coat_early_smells_waits');
        $this->earlyPrintsWaits = $value('coat_early_prints_waits');
        $this->denibMinutesPer100Cm2 = $value('coat_denib_minutes_per_100cm2');
        $this->dampMinutesPer100Cm2 = $value('coat_damp_minutes_per_100cm2');
        $this->knockBackMinutesPer100Cm2 = $value('coat_knock_back_minutes_per_100cm2');
        $this->oilyWoodSlows = $value('coat_oily_wood_slows');
        $this->wipedMinutesPer100Cm2 = $value('coat_wiped_minutes_per_100cm2');
        $this->brushedMinutesPer100Cm2 = $value('coat_brushed_minutes_per_100cm2');
        $this->sprayedMinutesPer100Cm2 = $value('coat_sprayed_minutes_per_100cm2');
        $this->pouredMinutesPer100Cm2 = $value('coat_poured_minutes_per_100cm2');
        $this->onTheLatheMinutesPer100Cm2 = $value('coat_on_the_lathe_minutes_per_100cm2');
        $this->clothMinutesPer100Cm2 = $value('coat_cloth_minutes_per_100cm2');
        $this->wheelMinutesPer100Cm2 = $value('coat_wheel_minutes_per_100cm2');
        $this->padRemovesUm = $value('coat_pad_removes_um');
        $this->steelWoolRemovesUm = $value('coat_steel_wool_removes_um');
        $this->paperRemovesUm = $value('coat_paper_removes_um');
        $this->sealerLeaves = $value('coat_sealer_leaves');
        $this->floodedMinutesPer100Cm2 = $value('coat_flooded_minutes_per_100cm2');
        $this->wipeOffMinutesPer100Cm2 = $value('coat_wipe_off_minutes_per_100cm2');
        $this->pasteMinutesPer100Cm2 = $value('coat_paste_minutes_per_100cm2');
        $this->quickMinutesPer100Cm2 = $value('coat_quick_minutes_per_100cm2');
        $this->quickSetupMinutes = $value('coat_quick_setup_minutes');
        $this->spunLeastMinutes = $value('coat_spun_least_minutes');
        $this->pasteLeastMinutes = $value('coat_paste_least_minutes');
        $this->coolingMinutes = $value('coat_cooling_minutes');
        $this->polishMostCm2 = $value('coat_polish_most_cm2');
        $this->waterTestMinutes = $value('coat_water_test_minutes');
        $this->waterTestHours = $value('coat_water_test_hours');
        $this->emptyMinutes = $value('coat_empty_minutes');
        $this->emptiedDryHours = $value('coat_emptied_dry_hours');
        $this->dripsMinutes = $value('coat_drips_minutes');
        $this->oilBoundUnderWaterHours = $value('coat_oil_bound_under_water_hours');
        $this->pureOilSolidsPercent = $value('coat_pure_oil_solids_percent');
        $this->hardWaxCoats = $value('coat_hard_wax_coats');
        $this->dewMarginC = $value('coat_dew_margin_c');
    }
}
