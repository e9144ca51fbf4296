<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** What a colour does to the wood: soaks in, lodges in its pores, reacts, takes colour out, or lies in the pores. */
enum ColourFamily: string
{
    case Dye = 'dye';
    case Pigment = 'pigment';
    case Ebonising = 'ebonising';
    case Bleach = 'bleach';
    case Liming = 'liming';

    /** The key of the technique that lays it on. */
    public function technique(): string
    {
        return match ($this) {
            self::Dye => 'dye',
            self::Pigment => 'stain',
            self::Ebonising => 'ebonise',
            self::Bleach => 'bleach',
            self::Liming => 'lime',
        };
    }

    /** Shows only where there are pores for it to lie in. */
    public function liesInPores(): bool
    {
        return $this === self::Liming;
    }

    /** Soaks in as a layer that others may go over, so that it can be sanded back between. */
    public function isLayered(): bool
    {
        return $this === self::Dye;
    }

    /** What the maker does with it, for a step's title. */
    public function action(): Said
    {
        return new Said("coating.colour-family.{$this->value}");
    }
}
