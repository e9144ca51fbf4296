<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** When the sealer goes on. */
enum Sealer: string implements Choice
{
    case AfterSanding = 'after-sanding';
    case BeforeSanding = 'before-sanding';
    case BetweenLadders = 'between-ladders';

    public static function usual(): self
    {
        return self::AfterSanding;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-sealer');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::AfterSanding => 'route.school.goes-after-sanding',
            self::BeforeSanding => 'route.school.goes-first-sanded-back',
            self::BetweenLadders => 'route.school.goes-between-two-ladders',
        });
    }
}
