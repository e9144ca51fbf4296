<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** The inside cut out. */
final readonly class Hollow implements Technique
{
    public function key(): string
    {
        return 'hollow';
    }

    public function label(): string
    {
        return 'Hollow';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, 'What does not run true cannot be cut to a line.')
            ->needs(State::Holdable, 'An inside is hollowed on the hold that will carry it to the end.')
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
