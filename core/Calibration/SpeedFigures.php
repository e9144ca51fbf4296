<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

use HonestGrain\Reading\Copy;

/** How fast wood may be started and turned. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class SpeedFigures
{
    public float $rimMPerS;

    public float $fastRimMPerS;

    public float $flawedRimMPerS;

    public float $barkRimMPerS;

    public float $unbalancedRimMPerS;

    public float $unbalancedShare;

    public float $pressedRimMPerS;

    public float $pressedWarpedRimMPerS;

    public float $vacuumRimMPerS;

    public float $wideJawsRpm;

    public float $usualMostRpm;

    public float $startShare;

    public float $heavyKg;

    public float $heavyShare;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->rimMPerS = $value('turning_rim_speed_m_s');
        $this->fastRimMPerS = $value('turning_fast_rim_speed_m_s');
        $this->flawedRimMPerS = $value('flawed_rim_speed_m_s');
        $this->barkRimMPerS = $value('bark_rim_speed_m_s');
        $this->unbalancedRimMPerS = $value('unbalanced_rim_speed_m_s');
        $this->unbalancedShare = $value('unbalanced_share');
        $this->pressedRimMPerS = $value('speed_pressed_rim_m_s');
        $this->pressedWarpedRimMPerS = $value('speed_pressed_warped_rim_m_s');
        $this->vacuumRimMPerS = $value('speed_vacuum_rim_m_s');
        $this->wideJawsRpm = $value('speed_wide_jaws_rpm');
        $this->usualMostRpm = $value('speed_usual_most_rpm');
        $this->startShare = $value('speed_start_share');
        $this->heavyKg = $value('speed_heavy_kg');
        $this->heavyShare = $value('speed_heavy_share');
    }

    /** The same, sound round work turned as fast as some makers like it. */
    public function fast(): self
    {
        return Copy::with($this, ['rimMPerS' => $this->fastRimMPerS]);
    }
}
