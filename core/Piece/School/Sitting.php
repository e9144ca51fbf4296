<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** How wet work that is turned once is carried through. */
enum Sitting: string implements Choice
{
    case One = 'one-sitting';
    case Through = 'through-the-break';
    case Bagged = 'night-in-a-bag';

    public static function usual(): self
    {
        return self::One;
    }

    public static function about(): Said
    {
        return new Said('route.school.wet-sitting');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::One => 'route.school.one-sitting',
            self::Through => 'route.school.through-the-break',
            self::Bagged => 'route.school.night-in-a-bag',
        });
    }
}
