<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** Whether the blank of a box rests once its tension is cut, before it is hollowed and fitted. */
enum BoxBlank: string implements Choice
{
    case GoesOn = 'box-goes-on';
    case Rests = 'box-rests';

    public static function usual(): self
    {
        return self::GoesOn;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-box-blank');
    }

    public function said(): Said
    {
        return new Said("route.school.$this->value");
    }
}
