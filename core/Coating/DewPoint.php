<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;

/**
 * The temperature at which the shop's air would wet a surface.
 *
 * Published: Magnus form, b = 17.625, c = 243.04 °C (O. A. Alduchov and R. E. Eskridge 1996).
 */
final class DewPoint
{
    /** Whether wood as warm as this air is so close to its dew point that a fresh coat may blush. */
    public static function isNear(CoatFigures $figures, float $tempC, float $rhPercent): bool
    {
        return $tempC - self::of($tempC, $rhPercent) < $figures->dewMarginC;
    }

    /** How damp air of this dew point is at a temperature, % RH; never above 100. */
    public static function rhPercent(float $dewC, float $tempC): float
    {
        $of = fn (float $c): float => 17.625 * $c / (243.04 + $c);

        return min(100.0, 100 * exp($of($dewC) - $of($tempC)));
    }

    public static function of(float $tempC, float $rhPercent): float
    {
        $gamma = log(max(0.01, $rhPercent) / 100) + 17.625 * $tempC / (243.04 + $tempC);

        return 243.04 * $gamma / (17.625 - $gamma);
    }
}
