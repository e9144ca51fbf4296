<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** The family a finish belongs to: what hardens alike and renews its own kind. The closed set of the catalogue. */
enum Family: string
{
    case Shellac = 'shellac';
    case Lacquer = 'lacquer';
    case Polish = 'polish';
    case Varnish = 'varnish';
    case WaterBorne = 'water-borne';
    case Oil = 'oil';
    case WaxOil = 'wax-oil';
    case Wax = 'wax';
    case Paste = 'paste';
    case Cyanoacrylate = 'ca';
    case Epoxy = 'epoxy';
    case Paint = 'paint';
}
