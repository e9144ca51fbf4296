<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/** A face sanded wet, with water or oil. */
final readonly class WetSand implements Technique
{
    public function key(): string
    {
        return 'wet-sand';
    }

    public function label(): Said
    {
        return new Said('technique.wet-sand.label');
    }

    public function character(): Character
    {
        return Grounds::sanded()->hurts(Hazard::Lathe);
    }
}
