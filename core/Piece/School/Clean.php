<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Abrasive\Wiping;
use HonestGrain\Words\Said;

/** How the dust of one grit is taken off before the next. */
enum Clean: string implements Choice
{
    case Cloth = 'cloth';
    case Air = 'air';
    case Alcohol = 'alcohol';

    public static function usual(): self
    {
        return self::Cloth;
    }

    public function wiping(): Wiping
    {
        return match ($this) {
            self::Cloth => Wiping::Cloth,
            self::Air => Wiping::Air,
            self::Alcohol => Wiping::Alcohol,
        };
    }

    public static function about(): Said
    {
        return new Said('route.school.between-grits');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::Cloth => 'route.school.wiped-off-dry-cloth',
            self::Air => 'route.school.blown-off-dry-air',
            self::Alcohol => 'route.school.wiped-off-alcohol-which',
        });
    }
}
