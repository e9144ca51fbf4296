<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How a hardened coat is rubbed down before the next. */
enum Denib: string
{
    case SteelWool = 'steel-wool';
    case Pad = 'pad';
    case Paper = 'paper';

    /** Film it takes off, µm (workshop, 3–8 by grade). */
    public function removesUm(): float
    {
        return match ($this) {
            self::Pad => 3.0,
            self::SteelWool => 4.0,
            self::Paper => 8.0,
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
