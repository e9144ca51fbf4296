<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** How long the tail centre stays up: as long as it can, or until the work runs true. */
enum Tail: string implements Choice
{
    case Stays = 'tail-stays';
    case Early = 'tail-off-early';

    public static function usual(): self
    {
        return self::Stays;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-tail-centre');
    }

    public function said(): Said
    {
        return new Said("route.school.$this->value");
    }
}
