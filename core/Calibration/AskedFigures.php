<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * How fine the last grain must be for what comes next. Units are in the names; sources in `catalogue/constants.csv`.
 */
final readonly class AskedFigures
{
    public float $penetratingUm;

    public float $hardWaxUm;

    public float $hardWaxFloorUm;

    public float $filmUm;

    public float $pasteUm;

    public float $polishUm;

    public float $utilityUm;

    public float $dyeUm;

    public float $dyeFloorUm;

    public float $openPoresAllow;

    public float $softwoodAllows;

    public float $veryHardN;

    public float $denseGravity;

    public float $hardUm;

    public float $hardUnderOilUm;

    public float $hardWaxFloorOnHardUm;

    public float $paintUm;

    public float $wetUm;

    public float $oilyStopsUm;

    public float $sealedAtUm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->penetratingUm = $value('asked_penetrating_um');
        $this->hardWaxUm = $value('asked_hard_wax_um');
        $this->hardWaxFloorUm = $value('asked_hard_wax_floor_um');
        $this->filmUm = $value('asked_film_um');
        $this->pasteUm = $value('asked_paste_um');
        $this->polishUm = $value('asked_polish_um');
        $this->utilityUm = $value('asked_utility_um');
        $this->dyeUm = $value('asked_dye_um');
        $this->dyeFloorUm = $value('asked_dye_floor_um');
        $this->openPoresAllow = $value('asked_open_pores_allow');
        $this->softwoodAllows = $value('asked_softwood_allows');
        $this->veryHardN = $value('asked_very_hard_n');
        $this->denseGravity = $value('asked_dense_gravity');
        $this->hardUm = $value('asked_hard_um');
        $this->hardUnderOilUm = $value('asked_hard_under_oil_um');
        $this->hardWaxFloorOnHardUm = $value('asked_hard_wax_floor_on_hard_um');
        $this->paintUm = $value('asked_paint_um');
        $this->wetUm = $value('asked_wet_um');
        $this->oilyStopsUm = $value('asked_oily_stops_um');
        $this->sealedAtUm = $value('asked_sealed_at_um');
    }
}
