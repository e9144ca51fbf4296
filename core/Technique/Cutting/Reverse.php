<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A part turned end for end on the lathe. */
final readonly class Reverse implements Technique
{
    public function key(): string
    {
        return 'reverse';
    }

    public function label(): Said
    {
        return new Said('technique.reverse.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Locked)
            ->hurts(Hazard::Lathe);
    }
}
