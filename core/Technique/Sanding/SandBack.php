<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Colour sanded back, so that it stays where the wood drinks. */
final readonly class SandBack implements Technique
{
    public function key(): string
    {
        return 'sand-back';
    }

    public function label(): string
    {
        return 'Sand back';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Bare, 'Sanding back goes on before the coats.')
            ->leaves(State::Decorated)
            ->hurts(Hazard::Dust)
            ->dusty();
    }
}
