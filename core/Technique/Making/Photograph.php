<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A piece photographed. */
final readonly class Photograph implements Technique
{
    public function key(): string
    {
        return 'photograph';
    }

    public function label(): string
    {
        return 'Photograph';
    }

    public function character(): Character
    {
        return Character::done(Work::Lap);
    }
}
