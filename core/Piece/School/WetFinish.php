<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** When wet work that is turned once is finished; where nobody chose, oil goes on at once and a film once it is dry. */
enum WetFinish: string implements Choice
{
    case AtOnce = 'finished-at-once';
    case Dried = 'finished-dry';

    public static function usual(): ?self
    {
        return null;
    }

    public static function about(): Said
    {
        return new Said('route.school.wet-finish');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::AtOnce => 'route.school.finished-at-once',
            self::Dried => 'route.school.finished-dry',
        });
    }
}
