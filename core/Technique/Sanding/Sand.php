<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/** A face sanded through a grit progression. */
final readonly class Sand implements Technique
{
    public function key(): string
    {
        return 'sand';
    }

    public function label(): Said
    {
        return new Said('technique.sand.label');
    }

    public function character(): Character
    {
        return Grounds::sanded()->hurts(Hazard::Lathe)->dusty();
    }
}
