<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How fast wood may be started and turned. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class SpeedFigures
{
    private function __construct(
        public float $rimMPerS,
        public float $flawedRimMPerS,
        public float $softHoldRimMPerS,
        public float $startShare,
        public float $heavyKg,
        public float $heavyShare,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            rimMPerS: $value('turning_rim_speed_m_s'),
            flawedRimMPerS: $value('flawed_rim_speed_m_s'),
            softHoldRimMPerS: $value('speed_soft_hold_rim_m_s'),
            startShare: $value('speed_start_share'),
            heavyKg: $value('speed_heavy_kg'),
            heavyShare: $value('speed_heavy_share'),
        );
    }
}
