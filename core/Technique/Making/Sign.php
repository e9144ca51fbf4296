<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A name and a date under the foot. */
final readonly class Sign implements Technique
{
    public function key(): string
    {
        return 'sign';
    }

    public function label(): string
    {
        return 'Sign';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'There is no foot to sign before it is cut.')
            ->prefers(State::Smooth, 'Sanding would take it off again.')
            ->prefers(State::Bare, 'Ink and pen want bare wood.');
    }
}
