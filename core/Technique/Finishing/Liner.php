<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Technique;

/** A liner poured in and turned about. */
final readonly class Liner implements Technique
{
    public function key(): string
    {
        return 'liner';
    }

    public function label(): string
    {
        return 'Line';
    }

    public function character(): Character
    {
        return Grounds::coated();
    }
}
