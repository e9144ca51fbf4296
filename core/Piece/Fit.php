<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** How the two parts of a joint go together, by what is drawn. */
enum Fit: string
{
    case Binds = 'binds';
    case Fits = 'fits';
    case Loose = 'loose';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Binds => 'does not go in as drawn',
            self::Fits => 'fits',
            self::Loose => 'loose',
            self::Unknown => 'not drawn to meet',
        };
    }
}
