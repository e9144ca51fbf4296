<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What boring with a bit takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class BoreFigures
{
    public float $referenceHardnessN;

    public float $fitBitMinutes;

    public float $feedMmATurn;

    public float $deepDiameters;

    public float $deepTimes;

    public float $toolFromMm;

    public float $depthHoleMm;

    public float $depthHoleMostMm;

    public float $depthHoleFromMm;

    public float $depthHoleShortMm;

    public float $woodLeftMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->woodLeftMm = $value('bore_wood_left_mm');
        $this->referenceHardnessN = $value('cut_reference_hardness_n');
        $this->fitBitMinutes = $value('bore_fit_bit_minutes');
        $this->feedMmATurn = $value('bore_feed_mm_a_turn');
        $this->deepDiameters = $value('bore_deep_diameters');
        $this->deepTimes = $value('bore_deep_times');
        $this->toolFromMm = $value('bore_tool_from_mm');
        $this->depthHoleMm = $value('bore_depth_hole_mm');
        $this->depthHoleMostMm = $value('bore_depth_hole_most_mm');
        $this->depthHoleFromMm = $value('bore_depth_hole_from_mm');
        $this->depthHoleShortMm = $value('bore_depth_hole_short_mm');
    }
}
