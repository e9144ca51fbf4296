<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

/** What comes on a sanded surface, as far as its last grit goes. */
enum Finish: string
{
    case Oil = 'oil';
    case Film = 'film';
    case Polish = 'polish';
    case Use = 'use';

    public function label(): string
    {
        return match ($this) {
            self::Oil => 'oil that soaks in',
            self::Film => 'a film',
            self::Polish => 'friction polish, or wax alone',
            self::Use => 'nothing: bare, for use',
        };
    }
}
