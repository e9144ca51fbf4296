<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A liner proved with standing water. */
final readonly class WaterTest implements Technique
{
    public function key(): string
    {
        return 'water-test';
    }

    public function label(): string
    {
        return 'Water test';
    }

    public function character(): Character
    {
        return Character::done(Work::Points)
            ->needs(State::Joined, 'A plug that is not glued lets water through.')
            ->leaves(State::Tight);
    }
}
