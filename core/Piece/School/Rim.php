<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** How fast the rim of sound, round work goes. */
enum Rim: string implements Choice
{
    case Usual = 'usual-rim';
    case Fast = 'fast-rim';

    public static function usual(): self
    {
        return self::Usual;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-rim');
    }

    public function said(): Said
    {
        return new Said("route.school.$this->value");
    }
}
