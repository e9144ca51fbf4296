<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;

/** How much a finished face is to shine, and the rub that makes it so where none was chosen (workshop). */
enum Sheen: string
{
    case DeadFlat = 'dead-flat';
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';

    public function label(): string
    {
        return match ($this) {
            self::DeadFlat => 'dead flat',
            self::Matt => 'matt',
            self::Satin => 'satin',
            self::Gloss => 'gloss',
        };
    }

    /** How the last coat is rubbed for it. */
    public function rub(): BuffWith
    {
        return match ($this) {
            self::DeadFlat, self::Matt => BuffWith::Pad,
            self::Satin => BuffWith::Paste,
            self::Gloss => BuffWith::Wheel,
        };
    }

    /** Why a last coat does not come to it; null where it does. */
    public function outOfReach(Coating $last): ?string
    {
        return match (true) {
            $this === self::Gloss && ! $last->buildsFilm() => "{$last->class} builds no film, and without one nothing "
                .'comes to a gloss.',
            $this === self::DeadFlat && ($last->isWax() || $last->isPolish()) => "{$last->class} shines by itself: "
                .'rubbed dull it comes back with every touch.',
            default => null,
        };
    }
}
