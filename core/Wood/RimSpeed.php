<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

/**
 * Surface speed of spinning work.
 *
 * Physics: v = πDn/60 000.
 */
final class RimSpeed
{
    public const LATHE_STEP_RPM = 10;

    public static function metresPerSecond(float $diameterMm, float $rpm): float
    {
        return M_PI * $diameterMm * $rpm / 60_000;
    }

    /** The fastest speed, rounded down to 10 rpm, at which the rim stays at or below the cap; never above $maxRpm. */
    public static function rpmFor(
        float $diameterMm,
        float $capMPerS,
        float $maxRpm = 2000.0,
    ): int {
        $rpm = min($maxRpm, $capMPerS * 60_000 / (M_PI * max(1.0, $diameterMm)));

        return (int) (floor($rpm / self::LATHE_STEP_RPM) * self::LATHE_STEP_RPM);
    }
}
