<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;

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

    public function words(): string
    {
        return match ($this) {
            self::SteelWool => '0000 steel wool',
            self::Pad => 'grey non-woven pad',
            self::Paper => 'worn fine paper',
        };
    }
}
