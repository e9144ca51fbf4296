<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A recess for the jaws. */
final readonly class CutRecess implements Technique
{
    public function key(): string
    {
        return 'recess';
    }

    public function label(): Said
    {
        return new Said('technique.cut-recess.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.cut-recess.what-does-not-run'))
            ->leaves(State::Holdable)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
