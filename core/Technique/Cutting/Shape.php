<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** The outside cut to its last line. */
final readonly class Shape implements Technique
{
    public function key(): string
    {
        return 'shape';
    }

    public function label(): string
    {
        return 'Shape';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, 'What does not run true cannot be cut to a line.')
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
