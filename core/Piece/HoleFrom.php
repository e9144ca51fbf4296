<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** Where a hole of its own starts. */
enum HoleFrom: string
{
    case Top = 'top';
    case Foot = 'foot';
    case Side = 'side';

    public function label(): Said
    {
        return new Said("piece.hole.from-$this->value");
    }
}
