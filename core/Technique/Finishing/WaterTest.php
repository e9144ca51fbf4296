<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A liner proved with standing water. */
final readonly class WaterTest implements Technique
{
    public function key(): string
    {
        return 'water-test';
    }

    public function label(): Said
    {
        return new Said('technique.water-test.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Points)
            ->needs(State::Joined, new Said('technique.water-test.plug-not-glued-lets'))
            ->leaves(State::Tight);
    }
}
