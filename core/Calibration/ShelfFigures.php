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

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(private \Closure $value)
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
    }

    /** Months that an opened tin of a family is good for, by the family's name. */
    public function goodMonths(string $family): float
    {
        return ($this->value)('shelf_months_'.strtr($family, '-', '_'));
    }
}
