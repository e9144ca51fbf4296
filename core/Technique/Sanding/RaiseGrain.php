<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Wood damped so that its fibres stand up. */
final readonly class RaiseGrain implements Technique
{
    public function key(): string
    {
        return 'raise-grain';
    }

    public function label(): Said
    {
        return new Said('technique.raise-grain.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Smooth, new Said('technique.raise-grain.sanding-afterwards-would-leave'))
            ->needs(State::Bare, new Said('technique.raise-grain.water-has-reach-wood'))
            ->prefers(State::Plain, new Said('technique.raise-grain.knocking-fibres-back-would'))
            ->prefers(State::Undyed, new Said('technique.raise-grain.damping-would-move-colour'));
    }
}
