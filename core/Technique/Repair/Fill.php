<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A crack or void closed with powder and CA or with epoxy. */
final readonly class Fill implements Technique
{
    public function key(): string
    {
        return 'fill';
    }

    public function label(): Said
    {
        return new Said('technique.fill.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, new Said('technique.fill.fill-put-before-last'))
            ->needs(State::Bare, new Said('technique.fill.nothing-holds-wood-has'))
            ->prefers(State::Undyed, new Said('technique.fill.ca-resin-stain-what'))
            ->leaves(State::Sound);
    }
}
