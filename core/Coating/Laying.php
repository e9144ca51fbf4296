<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;

/** How a coat is laid on; the closed set of the catalogue. */
enum Laying: string
{
    case Wiped = 'wiped';
    case Brushed = 'brushed';
    case Sprayed = 'sprayed';
    case Poured = 'poured';
    case OnTheLathe = 'on the lathe';

    /** Hands-on minutes for 100 cm², laid on and wiped or levelled. */
    public function minutesPer100Cm2(CoatFigures $figures): float
    {
        return match ($this) {
            self::Wiped => $figures->wipedMinutesPer100Cm2,
            self::Brushed => $figures->brushedMinutesPer100Cm2,
            self::Sprayed => $figures->sprayedMinutesPer100Cm2,
            self::Poured => $figures->pouredMinutesPer100Cm2,
            self::OnTheLathe => $figures->onTheLatheMinutesPer100Cm2,
        };
    }
}
