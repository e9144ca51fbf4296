<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\InvalidField;

/**
 * The moisture that wood settles at in air of a given temperature and humidity.
 *
 * Published: USDA Forest Products Laboratory, Wood Handbook, ch. 4, the sorption equation in °C.
 */
final readonly class Emc
{
    public const MIN_C = -20.0;

    public const MAX_C = 90.0;

    private function __construct(public float $percent)
    {
    }

    /**
     * @param  float  $tempC  −20 to 90 °C
     * @param  float  $rhPercent  0 to 100 %
     *
     * @throws InvalidField
     */
    public static function at(float $tempC, float $rhPercent): self
    {
        if (! is_finite($tempC) || $tempC < self::MIN_C || $tempC > self::MAX_C) {
            throw InvalidField::range('temp_c', $tempC, self::MIN_C, self::MAX_C);
        }
        if (! is_finite($rhPercent) || $rhPercent < 0 || $rhPercent > 100) {
            throw InvalidField::range('rh_percent', $rhPercent, 0, 100);
        }
        $h = $rhPercent / 100;
        $w = 349 + 1.29 * $tempC + 0.0135 * $tempC ** 2;
        $k = 0.805 + 0.000736 * $tempC - 0.00000273 * $tempC ** 2;
        $k1 = 6.27 - 0.00938 * $tempC - 0.000303 * $tempC ** 2;
        $k2 = 1.91 + 0.0407 * $tempC - 0.000293 * $tempC ** 2;
        $kh = $k * $h;

        return new self(
            1800 / $w * ($kh / (1 - $kh) + ($k1 * $kh + 2 * $k1 * $k2 * $kh ** 2)
                / (1 + $k1 * $kh + $k1 * $k2 * $kh ** 2)),
        );
    }
}
