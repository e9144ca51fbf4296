<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A broken place flatted and mended with the same wood. */
final readonly class Patch implements Technique
{
    public function key(): string
    {
        return 'patch';
    }

    public function label(): Said
    {
        return new Said('technique.patch.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->needs(State::Bare, new Said('technique.patch.glue-does-not-hold'))
            ->leaves(State::Sound);
    }
}
