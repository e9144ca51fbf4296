<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How much play a joint wants, and what gluing takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class JointRates
{
    public float $tightBelowMm;

    public float $looseAboveMm;

    public float $playMm;

    public float $easeMm;

    public float $hopelessAboveMm;

    public float $glueMinutes;

    public float $glueHours;

    public float $glueClampHours;

    public float $epoxyHours;

    public float $caHours;

    public float $ballClearanceShare;

    public float $sideWallMm;

    public float $ferruleOverMm;

    public float $ferruleCutMinutes;

    public float $ferruleSeatMinutes;

    public float $pinMinutes;

    public float $metalRimMS;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->tightBelowMm = $value('fit_tight_below_mm');
        $this->looseAboveMm = $value('fit_loose_above_mm');
        $this->playMm = $value('fit_play_mm');
        $this->easeMm = $value('fit_ease_mm');
        $this->hopelessAboveMm = $value('fit_hopeless_above_mm');
        $this->glueMinutes = $value('glue_minutes');
        $this->glueHours = $value('glue_hours');
        $this->glueClampHours = $value('glue_clamp_hours');
        $this->epoxyHours = $value('glue_epoxy_hours');
        $this->caHours = $value('glue_ca_hours');
        $this->ballClearanceShare = $value('fit_ball_clearance_share');
        $this->sideWallMm = $value('fit_side_wall_mm');
        $this->ferruleOverMm = $value('ferrule_over_mm');
        $this->ferruleCutMinutes = $value('ferrule_cut_minutes');
        $this->ferruleSeatMinutes = $value('ferrule_seat_minutes');
        $this->pinMinutes = $value('ferrule_pin_minutes');
        $this->metalRimMS = $value('ferrule_rim_m_s');
    }
}
