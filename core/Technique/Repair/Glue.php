<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Two parts glued. */
final readonly class Glue implements Technique
{
    public function key(): string
    {
        return 'glue';
    }

    public function label(): Said
    {
        return new Said('technique.glue.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Bare, new Said('technique.glue.glue-holds-bare-wood'))
            ->leaves(State::Joined);
    }
}
