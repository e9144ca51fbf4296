<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** How fine dense oily wood is sanded: until it shows no scratch, or no finer than a film still holds on. */
enum OilyWood: string implements Choice
{
    case Finer = 'oily-finer';
    case Stops = 'oily-stops';

    public static function usual(): self
    {
        return self::Finer;
    }

    public static function about(): Said
    {
        return new Said('route.school.oily-wood');
    }

    public function said(): Said
    {
        return new Said("route.school.$this->value");
    }
}
