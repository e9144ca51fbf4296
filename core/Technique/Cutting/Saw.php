<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Wood sawn to size. */
final readonly class Saw implements Technique
{
    public function key(): string
    {
        return 'saw';
    }

    public function label(): Said
    {
        return new Said('technique.saw.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->hurts(Hazard::Dust)
            ->dusty();
    }
}
