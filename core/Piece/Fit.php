<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** How the two parts of a joint go together, by what is drawn. */
enum Fit: string
{
    case Binds = 'binds';
    case Fits = 'fits';
    case Loose = 'loose';
    case Unknown = 'unknown';

    public function label(): Said
    {
        return new Said("piece.fits.$this->value");
    }
}
