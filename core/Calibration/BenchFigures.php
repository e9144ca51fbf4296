<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What work at the bench takes apart from the work itself. Units are in the names; sources in the table. */
final readonly class BenchFigures
{
    private function __construct(
        public float $splitAboveMinutes,
        public float $mountMinutes,
        public float $reverseMinutes,
        public float $remountMinutes,
        public float $staysMountedHours,
        public float $fitMinutes,
        public float $easeMinutes,
        public float $lookMinutes,
        public float $signMinutes,
        public float $weighMinutes,
        public float $buffMinutes,
        public float $dampHours,
        public float $flashHours,
        public float $slurryHours,
        public float $wetWoodPoints,
        public float $usualEmcPercent,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            splitAboveMinutes: $value('bench_split_above_minutes'),
            mountMinutes: $value('bench_mount_minutes'),
            reverseMinutes: $value('bench_reverse_minutes'),
            remountMinutes: $value('bench_remount_minutes'),
            staysMountedHours: $value('bench_stays_mounted_hours'),
            fitMinutes: $value('bench_fit_minutes'),
            easeMinutes: $value('bench_ease_minutes'),
            lookMinutes: $value('bench_look_minutes'),
            signMinutes: $value('bench_sign_minutes'),
            weighMinutes: $value('bench_weigh_minutes'),
            buffMinutes: $value('bench_buff_minutes'),
            dampHours: $value('bench_damp_hours'),
            flashHours: $value('bench_flash_hours'),
            slurryHours: $value('bench_slurry_hours'),
            wetWoodPoints: $value('bench_wet_wood_points'),
            usualEmcPercent: $value('bench_usual_emc_percent'),
        );
    }
}
