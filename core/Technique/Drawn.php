<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** How a band is shown on the elevation. */
enum Drawn
{
    case Filled;
    case Groove;
    case Upright;
    case Ripples;
    case Waves;
}
