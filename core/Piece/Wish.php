<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** What is to become of a flaw. */
enum Wish: string
{
    case Keep = 'keep';
    case Fill = 'fill';
    case Stabilise = 'stabilise';
    case CutAway = 'cut-away';

    public function label(): Said
    {
        return new Said("piece.wishes.$this->value");
    }
}
