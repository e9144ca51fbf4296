<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What a figure of a mark is counted in. */
enum Measure
{
    case Mm;
    case Um;
    case Degrees;
    case Count;
    case Ml;
    case Grams;
    case Rpm;
    case Seconds;
    case Minutes;
    case Metres;
    case Share;
    case Cm2;
}
