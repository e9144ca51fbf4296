<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

/** What weighings say about a blank, and why there is no date where there is none. */
enum DryingState: string
{
    case Ready = 'ready';
    case Drying = 'drying';
    case TooFew = 'too-few';
    case Rising = 'rising';
    case WetAir = 'wet-air';
    case NoPlateau = 'no-plateau';
    case TooShort = 'too-short';
    case NoClimate = 'no-climate';
}
