<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A wide hole bored on the axis. */
final readonly class BoreOut implements Technique
{
    public function key(): string
    {
        return 'bore';
    }

    public function label(): string
    {
        return 'Bore';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, 'What does not run true cannot be cut to a line.')
            ->needs(State::Holdable, 'A bore runs true only on the hold that the rest is turned on.')
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
