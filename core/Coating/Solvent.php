<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** What a product is thinned with, and so what it can wake in the layer below. */
enum Solvent: string
{
    case Alcohol = 'alcohol';
    case LacquerThinner = 'lacquer thinner';
    case MineralSpirits = 'mineral spirits';
    case Water = 'water';
    case None = 'none';
}
