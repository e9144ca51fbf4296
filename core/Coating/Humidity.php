<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How damp air changes the rate of a wait (workshop): it holds water-borne coats up and feeds moisture-curing ones. */
enum Humidity: string
{
    case None = 'none';
    case WaterBorne = 'water-borne';
    case MoistureCuring = 'moisture-curing';

    public const REFERENCE_PERCENT = 50.0;

    public function factor(float $rhPercent): float
    {
        return match ($this) {
            self::None => 1.0,
            self::WaterBorne => (100 - $rhPercent) / (100 - self::REFERENCE_PERCENT),
            self::MoistureCuring => $rhPercent / self::REFERENCE_PERCENT,
        };
    }
}
