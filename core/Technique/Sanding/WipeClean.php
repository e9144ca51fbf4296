<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Dust taken off, and the work looked over under a raking light. */
final readonly class WipeClean implements Technique
{
    public function key(): string
    {
        return 'wipe-clean';
    }

    public function label(): string
    {
        return 'Wipe clean';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Smooth, 'Sanding would lay new dust on it.')
            ->needs(State::Settled, 'Knocking back would lay new dust on it.')
            ->needs(State::Decorated, 'Cutting and burning would lay new dust on it.')
            ->leaves(State::Clean)
            ->dusty();
    }
}
