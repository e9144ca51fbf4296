<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A broken place flatted and mended with the same wood. */
final readonly class Patch implements Technique
{
    public function key(): string
    {
        return 'patch';
    }

    public function label(): string
    {
        return 'Patch';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Bare, 'Glue does not hold on a coat.')
            ->leaves(State::Sound);
    }
}
