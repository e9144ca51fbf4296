<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What work uses up besides finish and paper, and how long an opened tin is good. Sources in the constants. */
final readonly class ShelfFigures
{
    public float $cloths;

    public float $glovePairs;

    public float $cups;

    public float $padsPerRub;

    public float $oldFromShare;

    public float $solventGPerMl;

    public float $waterGPerMl;

    public float $oilGPerMl;

    public float $resinGPerMl;

    public float $waxGPerMl;

    /** @var array<string, float> months that an opened tin is good for, by the family of its finish */
    public array $goodMonths;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->cloths = $value('shelf_cloths');
        $this->glovePairs = $value('shelf_glove_pairs');
        $this->cups = $value('shelf_cups');
        $this->padsPerRub = $value('shelf_pads_per_rub');
        $this->oldFromShare = $value('shelf_old_from');
        $this->solventGPerMl = $value('shelf_density_solvent');
        $this->waterGPerMl = $value('shelf_density_water');
        $this->oilGPerMl = $value('shelf_density_oil');
        $this->resinGPerMl = $value('shelf_density_resin');
        $this->waxGPerMl = $value('shelf_density_wax');
        $this->goodMonths = [
            'shellac' => $value('shelf_months_shellac'),
            'lacquer' => $value('shelf_months_lacquer'),
            'polish' => $value('shelf_months_polish'),
            'varnish' => $value('shelf_months_varnish'),
            'water-borne' => $value('shelf_months_water_borne'),
            'oil' => $value('shelf_months_oil'),
            'wax-oil' => $value('shelf_months_wax_oil'),
            'wax' => $value('shelf_months_wax'),
            'paste' => $value('shelf_months_paste'),
            'ca' => $value('shelf_months_ca'),
            'epoxy' => $value('shelf_months_epoxy'),
            'paint' => $value('shelf_months_paint'),
        ];
    }
}
