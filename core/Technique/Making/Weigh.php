<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A piece looked over and weighed. */
final readonly class Weigh implements Technique
{
    public function key(): string
    {
        return 'weigh';
    }

    public function label(): Said
    {
        return new Said('technique.weigh.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
