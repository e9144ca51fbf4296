<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Words\Said;

/** What one face of a part is for, and so what may lie on it and how far that must have cured. */
enum FaceUse: string
{
    case Display = 'display';
    case Handled = 'handled';
    case Worn = 'worn';
    case Damp = 'damp';
    case Water = 'water';
    case Food = 'food';

    public function label(): Said
    {
        return new Said("piece.uses.$this->value");
    }

    /** Whether its coats must have cured through. */
    public function wantsFullCure(): bool
    {
        return in_array($this, [self::Worn, self::Damp, self::Water, self::Food], true);
    }
}
