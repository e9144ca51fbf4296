<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What a cut on the lathe takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class CutFigures
{
    public float $setUpMinutes;

    public float $outsideCm3PerMinute;

    public float $sideGrainCm3PerMinute;

    public float $endGrainCm3PerMinute;

    public float $referenceHardnessN;

    public float $hardnessPower;

    public float $wetTimes;

    public float $referenceDiameterMm;

    public float $mostSizeTimes;

    public float $narrowMouthShare;

    public float $narrowMouthTimes;

    public float $narrowMouthFinishTimes;

    public float $finishMinutesPer100Cm2;

    public float $thinWallMm;

    public float $barFromMm;

    public float $chatterShare;

    public float $sharpenEveryMinutes;

    public float $sharpenMinutes;

    public float $detailMinutes;

    public float $toolChangeMinutes;

    public float $ringsBelowMm;

    public float $ringMm;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->setUpMinutes = $value('cut_set_up_minutes');
        $this->outsideCm3PerMinute = $value('cut_outside_cm3_per_minute');
        $this->sideGrainCm3PerMinute = $value('cut_side_grain_cm3_per_minute');
        $this->endGrainCm3PerMinute = $value('cut_end_grain_cm3_per_minute');
        $this->referenceHardnessN = $value('cut_reference_hardness_n');
        $this->hardnessPower = $value('cut_hardness_power');
        $this->wetTimes = $value('cut_wet_times');
        $this->referenceDiameterMm = $value('cut_reference_diameter_mm');
        $this->mostSizeTimes = $value('cut_most_size_times');
        $this->narrowMouthShare = $value('cut_narrow_mouth_share');
        $this->narrowMouthTimes = $value('cut_narrow_mouth_times');
        $this->narrowMouthFinishTimes = $value('cut_narrow_mouth_finish_times');
        $this->finishMinutesPer100Cm2 = $value('cut_finish_minutes_per_100cm2');
        $this->thinWallMm = $value('cut_thin_wall_mm');
        $this->barFromMm = $value('cut_bar_from_mm');
        $this->chatterShare = $value('cut_bar_chatter_share');
        $this->sharpenEveryMinutes = $value('cut_sharpen_every_minutes');
        $this->sharpenMinutes = $value('cut_sharpen_minutes');
        $this->detailMinutes = $value('cut_detail_minutes');
        $this->toolChangeMinutes = $value('cut_tool_change_minutes');
        $this->ringsBelowMm = $value('cut_rings_below_mm');
        $this->ringMm = $value('cut_ring_mm');
    }
}
