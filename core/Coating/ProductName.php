<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** What a reader calls a product of the catalogue, by its key; by its class where their language has no line for it. */
final class ProductName
{
    public static function of(string $key, string $class): Said
    {
        return new Said("products.name.$key", kept: $class);
    }
}
