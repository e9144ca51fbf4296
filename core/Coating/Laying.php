<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How a coat is laid on; the closed set of the catalogue. */
enum Laying: string
{
    case Wiped = 'wiped';
    case Brushed = 'brushed';
    case Sprayed = 'sprayed';
    case Poured = 'poured';
    case OnTheLathe = 'on the lathe';

    /** Hands-on minutes for 100 cm², laid on and wiped or levelled (workshop). */
    public function minutesPer100Cm2(): float
    {
        return match ($this) {
            self::Wiped => 0.9,
            self::Brushed => 1.1,
            self::Sprayed => 0.5,
            self::Poured => 1.2,
            self::OnTheLathe => 0.8,
        };
    }
}
