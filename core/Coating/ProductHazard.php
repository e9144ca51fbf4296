<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** What a product's label warns of; the closed set of the catalogue's hazards column. */
enum ProductHazard: string
{
    case Rags = 'rags';
    case Vapour = 'vapour';
    case Flame = 'flame';
    case Spray = 'spray';
    case TwoPart = 'two-part';
    case Cyanoacrylate = 'ca';
    case Isocyanate = 'isocyanate';
    case Powder = 'powder';
    case Caustic = 'caustic';
    case Iron = 'iron';
    case Nut = 'nut';

    /** @return list<self> as they stand in a cell, parted by blanks */
    public static function allIn(string $cell): array
    {
        return $cell === '' ? [] : array_map(self::from(...), explode(' ', $cell));
    }
}
