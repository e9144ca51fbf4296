<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A hard coat buffed. */
final readonly class Buff implements Technique
{
    public function key(): string
    {
        return 'buff';
    }

    public function label(): Said
    {
        return new Said('technique.buff.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->hurts(Hazard::Lathe);
    }
}
