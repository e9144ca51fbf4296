<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How a finish stands water once it has cured. */
enum WaterResistance: string
{
    case Low = 'low';
    case Fair = 'fair';
    case Good = 'good';

    public function isAtLeast(self $other): bool
    {
        $cases = self::cases();

        return array_search($this, $cases, true) >= array_search($other, $cases, true);
    }
}
