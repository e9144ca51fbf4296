<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How fast wood may be started and turned. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class SpeedFigures
{
    public float $rimMPerS;

    public float $flawedRimMPerS;

    public float $softHoldRimMPerS;

    public float $startShare;

    public float $heavyKg;

    public float $heavyShare;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->rimMPerS = $value('turning_rim_speed_m_s');
        $this->flawedRimMPerS = $value('flawed_rim_speed_m_s');
        $this->softHoldRimMPerS = $value('speed_soft_hold_rim_m_s');
        $this->startShare = $value('speed_start_share');
        $this->heavyKg = $value('speed_heavy_kg');
        $this->heavyShare = $value('speed_heavy_share');
    }
}
