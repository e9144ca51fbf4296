<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A hole drilled on the axis. */
final readonly class Drill implements Technique
{
    public function key(): string
    {
        return 'drill';
    }

    public function label(): Said
    {
        return new Said('technique.drill.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Round, new Said('technique.drill.what-does-not-run'))
            ->needs(State::Holdable, new Said('technique.drill.drilled-hole-runs-true'))
            ->leaves(State::Shaped)
            ->hurts(Hazard::Lathe, Hazard::BeforeSwitch)
            ->chips();
    }
}
