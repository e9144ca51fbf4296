<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A face sanded through a grit progression. */
final readonly class Sand implements Technique
{
    public function key(): string
    {
        return 'sand';
    }

    public function label(): string
    {
        return 'Sand';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'Sanding is for wood that has its last shape.')
            ->needs(State::Sound, 'A fill or a stiffened patch stands proud until it is sanded with the rest.')
            ->needs(State::Bare, 'Sanding goes through a coat in patches, and clogs.')
            ->prefers(State::Undyed, 'Sanding takes colour off again.')
            ->leaves(State::Smooth)
            ->hurts(Hazard::Lathe)
            ->dusty();
    }
}
