<?php

declare(strict_types=1);

namespace HonestGrain\Piece\School;

use HonestGrain\Words\Said;

/** Whether a fill is cut through with the wood about it, or scraped flush at the end. */
enum Fills: string implements Choice
{
    case ThenCut = 'fill-then-cut';
    case Last = 'fills-last';

    public static function usual(): self
    {
        return self::ThenCut;
    }

    public static function about(): Said
    {
        return new Said('route.school.the-fills');
    }

    public function said(): Said
    {
        return new Said(match ($this) {
            self::ThenCut => 'route.school.fill-then-cut',
            self::Last => 'route.school.fills-last',
        });
    }
}
