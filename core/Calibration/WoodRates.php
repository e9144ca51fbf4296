<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How woods differ under the tool. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class WoodRates
{
    public float $wallFineMm;

    public float $wallOpenMm;

    public float $wallSoftwoodMm;

    public float $referenceN;

    public float $tearOpen;

    public float $tearSoftwood;

    public float $tearsMuch;

    public float $tearsSome;

    public float $gripGoodN;

    public float $gripFairN;

    public float $curlDeeper;

    public float $interlockedDeeper;

    public float $burlDeeper;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->wallFineMm = $value('wood_wall_fine_mm');
        $this->wallOpenMm = $value('wood_wall_open_mm');
        $this->wallSoftwoodMm = $value('wood_wall_softwood_mm');
        $this->referenceN = $value('wood_reference_n');
        $this->tearOpen = $value('wood_tear_open');
        $this->tearSoftwood = $value('wood_tear_softwood');
        $this->tearsMuch = $value('wood_tears_much');
        $this->tearsSome = $value('wood_tears_some');
        $this->gripGoodN = $value('wood_grip_good_n');
        $this->gripFairN = $value('wood_grip_fair_n');
        $this->curlDeeper = $value('wood_figure_curl');
        $this->interlockedDeeper = $value('wood_figure_interlocked');
        $this->burlDeeper = $value('wood_figure_burl');
    }
}
