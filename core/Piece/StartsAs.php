<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** How far a piece is when its route begins. */
enum StartsAs: string
{
    case Turned = 'turned';
    case Roughed = 'roughed';
    case Blank = 'blank';
}
