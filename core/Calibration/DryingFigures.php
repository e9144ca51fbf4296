<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What the drying of wood is judged by. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class DryingFigures
{
    private function __construct(
        public int $leastReadings,
        public float $risePercent,
        public float $readyPoints,
        public float $readyLossPercentAWeek,
        public float $wetAirEmcPercent,
        public float $mostMoisturePercent,
        public float $scaleG,
        public float $scalePercent,
        public float $steadyDays,
        public float $weighEveryDays,
        public float $lossLeastHours,
        public float $forgottenDays,
        public float $crackLossPercentAWeek,
        public float $toComeCleanMm,
        public float $greenWindowHours,
        public float $greenPaperDays,
        public float $greenUnevenShare,
        public float $greenLightWallMm,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            leastReadings: (int) $value('drying_least_readings'),
            risePercent: $value('drying_rise_percent'),
            readyPoints: $value('drying_ready_points'),
            readyLossPercentAWeek: $value('drying_ready_loss_percent_a_week'),
            wetAirEmcPercent: $value('drying_wet_air_emc_percent'),
            mostMoisturePercent: $value('drying_most_moisture_percent'),
            scaleG: $value('drying_scale_g'),
            scalePercent: $value('drying_scale_percent'),
            steadyDays: $value('drying_steady_days'),
            weighEveryDays: $value('drying_weigh_every_days'),
            lossLeastHours: $value('drying_loss_least_hours'),
            forgottenDays: $value('drying_forgotten_days'),
            crackLossPercentAWeek: $value('drying_crack_loss_percent_a_week'),
            toComeCleanMm: $value('drying_to_come_clean_mm'),
            greenWindowHours: $value('green_window_hours'),
            greenPaperDays: $value('green_paper_days'),
            greenUnevenShare: $value('green_uneven_share'),
            greenLightWallMm: $value('green_light_wall_mm'),
        );
    }
}
