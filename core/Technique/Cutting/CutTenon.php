<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A tenon for the jaws. */
final readonly class CutTenon implements Technique
{
    public function key(): string
    {
        return 'tenon';
    }

    public function label(): string
    {
        return 'Cut a tenon';
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
