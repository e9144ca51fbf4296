<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** What a finish wants of the wood under it: how fine it must be sanded, and where it must not be burnished. */
enum GroundAsked
{
    /** Soaks in and hides fine scratches. */
    case Penetrating;

    /** Soaks in, and holds only on wood that is not too fine. */
    case HardWax;

    /** Hides what is finer than itself. */
    case Film;

    /** Cuts by itself, from one size of grain on. */
    case Paste;

    /** Hides nothing. */
    case Polish;
}
