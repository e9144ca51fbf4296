<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A wide hole bored on the axis. */
final readonly class BoreOut implements Technique
{
    public function key(): string
    {
        return 'bore';
    }

    public function label(): Said
    {
        return new Said('technique.bore-out.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.bore-out.what-does-not-run'))
            ->needs(State::Holdable, new Said('technique.bore-out.bore-runs-true-only'))
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
