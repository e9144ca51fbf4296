<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/** A liner poured in and turned about. */
final readonly class Liner implements Technique
{
    public function key(): string
    {
        return 'liner';
    }

    public function label(): Said
    {
        return new Said('technique.liner.label');
    }

    public function character(): Character
    {
        return Grounds::coated();
    }
}
