<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** What one face of a part is for, and so what may lie on it and how far that must have cured. */
enum FaceUse: string
{
    case Display = 'display';
    case Handled = 'handled';
    case Worn = 'worn';
    case Damp = 'damp';
    case Water = 'water';
    case Food = 'food';

    public function label(): string
    {
        return match ($this) {
            self::Display => 'to look at',
            self::Handled => 'handled',
            self::Worn => 'worn on the skin or the lips',
            self::Damp => 'a little water',
            self::Water => 'standing water',
            self::Food => 'food or drink',
        };
    }

    /** Whether its coats must have cured through. */
    public function wantsFullCure(): bool
    {
        return in_array($this, [self::Worn, self::Damp, self::Water, self::Food], true);
    }
}
