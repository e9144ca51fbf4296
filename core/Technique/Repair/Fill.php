<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A crack or void closed with powder and CA or with epoxy. */
final readonly class Fill implements Technique
{
    public function key(): string
    {
        return 'fill';
    }

    public function label(): string
    {
        return 'Fill';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'A fill put in before the last cut is cut out again.')
            ->needs(State::Bare, 'Nothing holds in wood that has been oiled or coated.')
            ->prefers(State::Undyed, 'CA and resin stain what they touch, and coloured wood shows it.')
            ->leaves(State::Sound);
    }
}
