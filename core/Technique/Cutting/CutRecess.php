<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A recess for the jaws. */
final readonly class CutRecess implements Technique
{
    public function key(): string
    {
        return 'recess';
    }

    public function label(): string
    {
        return 'Cut a recess';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, 'What does not run true cannot be cut to a line.')
            ->leaves(State::Holdable)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
