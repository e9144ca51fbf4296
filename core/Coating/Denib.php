<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Words\Said;

/** How a hardened coat is rubbed down before the next. */
enum Denib: string
{
    case SteelWool = 'steel-wool';
    case Pad = 'pad';
    case Paper = 'paper';

    /** Film it takes off, µm. */
    public function removesUm(CoatFigures $figures): float
    {
        return match ($this) {
            self::Pad => $figures->padRemovesUm,
            self::SteelWool => $figures->steelWoolRemovesUm,
            self::Paper => $figures->paperRemovesUm,
        };
    }

    public function words(): Said
    {
        return new Said("coating.denib.$this->value");
    }
}
