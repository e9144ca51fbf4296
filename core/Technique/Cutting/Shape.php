<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** The outside cut to its last line. */
final readonly class Shape implements Technique
{
    public function key(): string
    {
        return 'shape';
    }

    public function label(): Said
    {
        return new Said('technique.shape.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.shape.what-does-not-run'))
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
