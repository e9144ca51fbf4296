<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Words\Said;

/** What a product is thinned with, and so what it can wake in the layer below. */
enum Solvent: string
{
    case Alcohol = 'alcohol';
    case LacquerThinner = 'lacquer thinner';
    case MineralSpirits = 'mineral spirits';
    case Water = 'water';
    case None = 'none';

    /** What a layer is told to dissolve in, or not: what is thinned with nothing is an oil. */
    public function words(): Said
    {
        return new Said('coating.solvents.'.str_replace(' ', '-', $this->value));
    }

    /** What a millilitre of a finish thinned with it weighs, g (workshop). */
    public function gPerMl(ShelfFigures $figures): float
    {
        return match ($this) {
            self::Water => $figures->waterGPerMl,
            self::None => $figures->oilGPerMl,
            default => $figures->solventGPerMl,
        };
    }
}
