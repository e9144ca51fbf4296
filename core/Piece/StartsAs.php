<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** How far a piece is when its route begins. */
enum StartsAs: string
{
    case Blank = 'blank';
    case Roughed = 'roughed';
    case Turned = 'turned';

    public function label(): Said
    {
        return new Said("piece.starts-as.$this->value");
    }
}
