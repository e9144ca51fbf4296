<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A tenon for the jaws. */
final readonly class CutTenon implements Technique
{
    public function key(): string
    {
        return 'tenon';
    }

    public function label(): Said
    {
        return new Said('technique.cut-tenon.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.cut-tenon.what-does-not-run'))
            ->leaves(State::Holdable)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
