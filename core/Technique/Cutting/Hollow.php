<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** The inside cut out. */
final readonly class Hollow implements Technique
{
    public function key(): string
    {
        return 'hollow';
    }

    public function label(): Said
    {
        return new Said('technique.hollow.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.hollow.what-does-not-run'))
            ->needs(State::Holdable, new Said('technique.hollow.inside-hollowed-hold-will'))
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
