<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Two parts fitted to one another. */
final readonly class Fit implements Technique
{
    public function key(): string
    {
        return 'fit';
    }

    public function label(): Said
    {
        return new Said('technique.fit.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, new Said('technique.fit.joint-fitted-last-size'))
            ->prefers(State::Smooth, new Said('technique.fit.sanding-after-fitting-makes'))
            ->needs(State::Bare, new Said('technique.fit.coats-build-up-joint'))
            ->hurts(Hazard::Lathe);
    }
}
