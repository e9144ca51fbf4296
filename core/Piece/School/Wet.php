<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** What is done with wet wood; where nobody chose, it waits to be asked. */
enum Wet: string implements Choice
{
    case TurnedOnce = 'turned-once';
    case DriedFirst = 'dried-first';

    public static function usual(): ?self
    {
        return null;
    }

    public static function about(): Said
    {
        return new Said('route.school.wet-wood');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::TurnedOnce => 'route.school.turned-once-left-warp',
            self::DriedFirst => 'route.school.dried-rough-out-then',
        });
    }
}
