<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Raised fibres cut back with the last grit. */
final readonly class KnockBack implements Technique
{
    public function key(): string
    {
        return 'knock-back';
    }

    public function label(): string
    {
        return 'Knock back';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Bare, 'It is wood that is cut back, not a coat.')
            ->prefers(State::Plain, 'It would blunt what is cut or burnt.')
            ->prefers(State::Undyed, 'It would take colour off again.')
            ->leaves(State::Settled)
            ->dusty();
    }
}
