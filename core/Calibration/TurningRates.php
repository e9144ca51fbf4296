<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What turning takes. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class TurningRates
{
    public float $holdMinutes;

    public float $allowanceMm;

    public float $lastCutMm;

    public float $roughWallShare;

    public float $partOffMinutes;

    public float $flattenMinutes;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->holdMinutes = $value('turning_hold_minutes');
        $this->lastCutMm = $value('turning_last_cut_mm');
        $this->allowanceMm = $value('turning_allowance_mm');
        $this->roughWallShare = $value('turning_rough_wall_share');
        $this->flattenMinutes = $value('turning_flatten_minutes');
        $this->partOffMinutes = $value('turning_part_off_minutes');
    }
}
