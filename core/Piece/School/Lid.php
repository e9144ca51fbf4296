<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** Whether a lid is finished in its box, or by itself. */
enum Lid: string implements Choice
{
    case Together = 'finished-together';
    case Apart = 'finished-apart';

    public static function usual(): self
    {
        return self::Together;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-lid');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::Together => 'route.school.lid-together',
            self::Apart => 'route.school.lid-apart',
        });
    }
}
