<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

/**
 * Surface speed of spinning work.
 *
 * Physics: v = πDn/60 000. The sanding cap of 5 m/s is a workshop figure.
 */
final class RimSpeed
{
    public const SANDING_CAP_M_S = 5.0;

    /** Below this a spinning disc has little to work against near the centre (workshop). */
    public const POWER_SANDING_FLOOR_M_S = 0.5;

    public const LATHE_STEP_RPM = 10;

    public static function metresPerSecond(float $diameterMm, float $rpm): float
    {
        return M_PI * $diameterMm * $rpm / 60_000;
    }

    /** The fastest speed, rounded down to 10 rpm, at which the rim stays at or below the cap; never above $maxRpm. */
    public static function rpmFor(
        float $diameterMm,
        float $capMPerS = self::SANDING_CAP_M_S,
        float $maxRpm = 2000.0,
    ): int {
        $rpm = min($maxRpm, $capMPerS * 60_000 / (M_PI * max(1.0, $diameterMm)));

        return (int) (floor($rpm / self::LATHE_STEP_RPM) * self::LATHE_STEP_RPM);
    }
}
