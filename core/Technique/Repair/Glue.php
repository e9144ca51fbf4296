<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Two parts glued. */
final readonly class Glue implements Technique
{
    public function key(): string
    {
        return 'glue';
    }

    public function label(): string
    {
        return 'Glue';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Bare, 'Glue holds on bare wood only.')
            ->leaves(State::Joined);
    }
}
