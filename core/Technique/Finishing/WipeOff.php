<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** What the wood has not taken up wiped off again. */
final readonly class WipeOff implements Technique
{
    public function key(): string
    {
        return 'wipe-off';
    }

    public function label(): Said
    {
        return new Said('technique.wipe-off.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand);
    }
}
