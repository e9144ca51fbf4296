<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** Whether a product lies on the wood, soaks into it, or is a wax that lets nothing else hold. */
enum FilmKind: string
{
    case Film = 'film';
    case Penetrating = 'penetrating';
    case Wax = 'wax';
}
