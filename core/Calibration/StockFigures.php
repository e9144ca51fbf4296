<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What a blank is longer than its parts by. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class StockFigures
{
    public float $tenonMm;

    public float $recessMm;

    public float $chuckWasteMm;

    public float $cutMm;

    public float $sawMinutes;

    public float $roundMinutesPer100Cm2;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->tenonMm = $value('stock_tenon_mm');
        $this->recessMm = $value('stock_recess_mm');
        $this->chuckWasteMm = $value('stock_chuck_waste_mm');
        $this->sawMinutes = $value('stock_saw_minutes');
        $this->roundMinutesPer100Cm2 = $value('stock_round_min_100_cm2');
        $this->cutMm = $value('stock_cut_mm');
    }
}
