<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Abrasive paste worked through its grades on the spinning lathe. */
final readonly class Paste implements Technique
{
    public function key(): string
    {
        return 'paste';
    }

    public function label(): string
    {
        return 'Abrasive paste';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Smooth, 'Paste takes over where the last grit ends.')
            ->prefers(State::Decorated, 'Paste leaves a trace of wax that nothing else goes over.')
            ->spoils(State::Bare)
            ->hurts(Hazard::Lathe);
    }
}
