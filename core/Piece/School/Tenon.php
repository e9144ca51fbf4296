<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** When what holds the piece comes off; what is usual follows from the finish. */
enum Tenon: string implements Choice
{
    case Last = 'last';
    case Early = 'early';

    public static function usual(): ?self
    {
        return null;
    }

    public static function about(): Said
    {
        return new Said('route.school.what-holds');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::Last => 'route.school.comes-off-last-after',
            self::Early => 'route.school.comes-off-before-coats',
        });
    }
}
