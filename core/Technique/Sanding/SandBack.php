<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Colour sanded back, so that it stays where the wood drinks. */
final readonly class SandBack implements Technique
{
    public function key(): string
    {
        return 'sand-back';
    }

    public function label(): Said
    {
        return new Said('technique.sand-back.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Bare, new Said('technique.sand-back.sanding-back-goes-before'))
            ->leaves(State::Decorated)
            ->hurts(Hazard::Dust)
            ->dusty();
    }
}
