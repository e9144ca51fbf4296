<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Bare wood rubbed to a shine with shavings. */
final readonly class Burnish implements Technique
{
    public function key(): string
    {
        return 'burnish';
    }

    public function label(): Said
    {
        return new Said('technique.burnish.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Smooth, new Said('technique.burnish.scratches-do-not-burnish'))
            ->needs(State::Bare, new Said('technique.burnish.wood-burnished-not-coat'))
            ->prefers(State::Decorated, new Said('technique.burnish.burnished-ground-takes-no'))
            ->hurts(Hazard::Lathe);
    }
}
