<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Soft or loose wood stiffened with thin CA. */
final readonly class Stabilise implements Technique
{
    public function key(): string
    {
        return 'stabilise';
    }

    public function label(): Said
    {
        return new Said('technique.stabilise.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, new Said('technique.stabilise.what-stiffened-before-last'))
            ->needs(State::Bare, new Said('technique.stabilise.nothing-holds-wood-has'))
            ->prefers(State::Undyed, new Said('technique.stabilise.ca-stains-what-touches'))
            ->leaves(State::Sound);
    }
}
