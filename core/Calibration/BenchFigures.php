<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What work at the bench takes apart from the work itself. Units are in the names; sources in the table. */
final readonly class BenchFigures
{
    public float $splitAboveMinutes;

    public float $mountMinutes;

    public float $reverseMinutes;

    public float $remountMinutes;

    public float $staysMountedHours;

    public float $fitMinutes;

    public float $easeMinutes;

    public float $lookMinutes;

    public float $signMinutes;

    public float $weighMinutes;

    public float $buffMinutes;

    public float $dampHours;

    public float $flashHours;

    public float $slurryHours;

    public float $boxRestsHours;

    public float $wetWoodPoints;

    public float $usualEmcPercent;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->splitAboveMinutes = $value('bench_split_above_minutes');
        $this->mountMinutes = $value('bench_mount_minutes');
        $this->reverseMinutes = $value('bench_reverse_minutes');
        $this->remountMinutes = $value('bench_remount_minutes');
        $this->staysMountedHours = $value('bench_stays_mounted_hours');
        $this->fitMinutes = $value('bench_fit_minutes');
        $this->easeMinutes = $value('bench_ease_minutes');
        $this->lookMinutes = $value('bench_look_minutes');
        $this->signMinutes = $value('bench_sign_minutes');
        $this->weighMinutes = $value('bench_weigh_minutes');
        $this->buffMinutes = $value('bench_buff_minutes');
        $this->dampHours = $value('bench_damp_hours');
        $this->flashHours = $value('bench_flash_hours');
        $this->slurryHours = $value('bench_slurry_hours');
        $this->boxRestsHours = $value('bench_box_rests_hours');
        $this->wetWoodPoints = $value('bench_wet_wood_points');
        $this->usualEmcPercent = $value('bench_usual_emc_percent');
    }
}
