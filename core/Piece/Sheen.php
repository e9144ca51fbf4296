<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Words\Said;

/** How much a finished face is to shine, and the rub that makes it so where none was chosen (workshop). */
enum Sheen: string
{
    case DeadFlat = 'dead-flat';
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';

    public function label(): Said
    {
        return new Said("piece.sheens.$this->value");
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
    public function outOfReach(Coating $last): ?Said
    {
        return match (true) {
            $this === self::Gloss && ! $last->buildsFilm() => new Said('piece.sheen.builds-no-film-without', [
                'class' => $last->name(),
            ]),
            $this === self::DeadFlat
                && ($last->isWax() || $last->isPolish()) => new Said('piece.sheen.shines-itself-rubbed-dull', [
                    'class' => $last->name(),
                ]),
            default => null,
        };
    }
}
