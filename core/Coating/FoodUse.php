<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** Whether a surface with a product on it may hold food, and when. The product's own label always comes first. */
enum FoodUse: string
{
    case AfterCure = 'after-cure';
    case AsLabel = 'label';
    case AtOnce = 'usable-at-once';
    case No = 'no';
}
