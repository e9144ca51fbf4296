<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A surface polished with a compound on the wheel. */
final readonly class Compound implements Technique
{
    public function key(): string
    {
        return 'compound';
    }

    public function label(): Said
    {
        return new Said('technique.compound.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Lap)
            ->hurts(Hazard::Lathe)
            ->dusty();
    }
}
