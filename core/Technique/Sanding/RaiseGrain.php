<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Wood damped so that its fibres stand up. */
final readonly class RaiseGrain implements Technique
{
    public function key(): string
    {
        return 'raise-grain';
    }

    public function label(): string
    {
        return 'Raise the grain';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Smooth, 'Sanding afterwards would leave new fibres to stand up.')
            ->needs(State::Bare, 'Water has to reach the wood.')
            ->prefers(State::Plain, 'Knocking the fibres back would blunt what is cut or burnt.')
            ->prefers(State::Undyed, 'Damping would move the colour.');
    }
}
