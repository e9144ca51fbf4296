<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** What the buyer may do with a piece on the day it is ready, and so how far its coats must have cured. */
enum Purpose: string
{
    case Display = 'display';
    case Handled = 'handled';
    case Food = 'food';
    case Water = 'water';

    /** Whether what it holds touches its coats, so that they must have cured through. */
    public function holds(): bool
    {
        return $this === self::Food || $this === self::Water;
    }

    public function label(): Said
    {
        return new Said("piece.purpose.$this->value");
    }
}
