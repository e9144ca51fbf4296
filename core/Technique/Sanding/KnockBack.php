<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Raised fibres cut back with the last grit. */
final readonly class KnockBack implements Technique
{
    public function key(): string
    {
        return 'knock-back';
    }

    public function label(): Said
    {
        return new Said('technique.knock-back.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Bare, new Said('technique.knock-back.wood-cut-back-not'))
            ->prefers(State::Plain, new Said('technique.knock-back.would-blunt-what-cut'))
            ->prefers(State::Undyed, new Said('technique.knock-back.would-take-colour-off'))
            ->leaves(State::Settled)
            ->dusty();
    }
}
