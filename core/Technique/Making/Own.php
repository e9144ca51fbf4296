<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A step of the maker’s own. */
final readonly class Own implements Technique
{
    public function key(): string
    {
        return 'own';
    }

    public function label(): Said
    {
        return new Said('technique.own.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand);
    }
}
