<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** When the outside of what is turned round gets its last cut. */
enum LastCut: string implements Choice
{
    case InOne = 'in-one';
    case AfterRemount = 'after-remount';

    public static function usual(): self
    {
        return self::InOne;
    }

    public static function about(): Said
    {
        return new Said('route.school.outside-last-cut');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::InOne => 'route.school.last-cut-in-one',
            self::AfterRemount => 'route.school.last-cut-after-remount',
        });
    }
}
