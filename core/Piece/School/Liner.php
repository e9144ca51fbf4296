<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** Whether the liner or the outside is coated first. */
enum Liner: string implements Choice
{
    case First = 'first';
    case Last = 'last';

    public static function usual(): self
    {
        return self::First;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-liner');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::First => 'route.school.goes-first-then-outside',
            self::Last => 'route.school.goes-once-outside-finished',
        });
    }
}
