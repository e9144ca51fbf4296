<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How a product is measured out at the bench. */
enum AmountUnit: string
{
    case Millilitres = 'ml';
    case Spray = 'spray';
    case Grams = 'g';
    case Drops = 'drops';
}
