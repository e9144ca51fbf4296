<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Tenon, waste block or waste ends taken off. */
final readonly class PartOff implements Technique
{
    public function key(): string
    {
        return 'part-off';
    }

    public function label(): Said
    {
        return new Said('technique.part-off.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->leaves(State::Shaped)
            ->spoils(State::Holdable)
            ->hurts(Hazard::Lathe)
            ->dusty()
            ->chips();
    }
}
