<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A face sanded wet, with water or oil. */
final readonly class WetSand implements Technique
{
    public function key(): string
    {
        return 'wet-sand';
    }

    public function label(): string
    {
        return 'Sand wet';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'Sanding is for wood that has its last shape.')
            ->needs(State::Sound, 'A fill or a stiffened patch stands proud until it is sanded with the rest.')
            ->needs(State::Bare, 'Sanding goes through a coat in patches, and clogs.')
            ->prefers(State::Undyed, 'Sanding takes colour off again.')
            ->leaves(State::Smooth)
            ->hurts(Hazard::Lathe);
    }
}
