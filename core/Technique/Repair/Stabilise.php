<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Soft or loose wood stiffened with thin CA. */
final readonly class Stabilise implements Technique
{
    public function key(): string
    {
        return 'stabilise';
    }

    public function label(): string
    {
        return 'Stabilise';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'What is stiffened before the last cut is cut away again.')
            ->needs(State::Bare, 'Nothing holds in wood that has been oiled or coated.')
            ->prefers(State::Undyed, 'CA stains what it touches, and coloured wood shows it.')
            ->leaves(State::Sound);
    }
}
