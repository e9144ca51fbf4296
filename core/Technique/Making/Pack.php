<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A piece packed. */
final readonly class Pack implements Technique
{
    public function key(): string
    {
        return 'pack';
    }

    public function label(): string
    {
        return 'Pack';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
