<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

/** How open a wood's surface is, and so how much of a scratch it hides. */
enum Pore: string
{
    case Open = 'open';
    case Fine = 'fine';
    case Softwood = 'softwood';
}
