<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A coat rubbed down so that the next lies flat. */
final readonly class Denib implements Technique
{
    public function key(): string
    {
        return 'denib';
    }

    public function label(): Said
    {
        return new Said('technique.denib.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->hurts(Hazard::Dust)
            ->dusty();
    }
}
