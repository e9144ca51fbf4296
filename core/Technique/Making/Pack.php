<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A piece packed. */
final readonly class Pack implements Technique
{
    public function key(): string
    {
        return 'pack';
    }

    public function label(): Said
    {
        return new Said('technique.pack.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
