<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Bare wood rubbed to a shine with shavings. */
final readonly class Burnish implements Technique
{
    public function key(): string
    {
        return 'burnish';
    }

    public function label(): string
    {
        return 'Burnish';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Smooth, 'Scratches do not burnish out.')
            ->needs(State::Bare, 'It is wood that is burnished, not a coat.')
            ->prefers(State::Decorated, 'A burnished ground takes no dye.')
            ->hurts(Hazard::Lathe);
    }
}
