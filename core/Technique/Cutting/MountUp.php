<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A part put on the lathe. */
final readonly class MountUp implements Technique
{
    public function key(): string
    {
        return 'mount';
    }

    public function label(): Said
    {
        return new Said('technique.mount-up.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Locked)
            ->hurts(Hazard::Lathe);
    }
}
