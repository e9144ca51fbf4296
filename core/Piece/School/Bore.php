<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** Whether what turns about a hole is bored first, and shaped true to it, or last; and how a long one is held. */
enum Bore: string implements Choice
{
    case First = 'bored-first';
    case Last = 'shaped-first';
    case BothHolds = 'hold-at-each-end';

    public static function usual(): self
    {
        return self::First;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-bore');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::First => 'route.school.bored-first',
            self::Last => 'route.school.shaped-first',
            self::BothHolds => 'route.school.hold-at-each-end',
        });
    }
}
