<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Parts put together for good. */
final readonly class Assemble implements Technique
{
    public function key(): string
    {
        return 'assemble';
    }

    public function label(): Said
    {
        return new Said('technique.assemble.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
