<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A piece looked over and weighed. */
final readonly class Weigh implements Technique
{
    public function key(): string
    {
        return 'weigh';
    }

    public function label(): string
    {
        return 'Weigh';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
