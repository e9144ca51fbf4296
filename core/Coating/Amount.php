<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Geometry\Zone;

/**
 * How much of a product one coat takes, mL.
 *
 * Exact on the label's coverage; the extra that bare end grain drinks (κ, default 3) and what stays
 * in the cloth and the cup are workshop constants.
 */
final class Amount
{
    public const END_GRAIN_DRINKS = 3.0;

    public const CLOTH_AND_CUP_ML = 4.0;

    /** @param  list<Zone>  $zones */
    public static function forCoatMl(Coating $coating, array $zones, bool $onBareWood, float $endGrainDrinks = self::END_GRAIN_DRINKS): float
    {
        $ml = self::CLOTH_AND_CUP_ML;
        foreach ($zones as $zone) {
            $drinks = $onBareWood ? 1 + ($endGrainDrinks - 1) * $zone->endGrainMean : 1.0;
            $ml += $zone->areaMm2 * $drinks / $coating->coverageM2PerL / 1000;
        }

        return $ml;
    }
}
