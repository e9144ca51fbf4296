<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/** A coat of wax. */
final readonly class Wax implements Technique
{
    public function key(): string
    {
        return 'wax';
    }

    public function label(): Said
    {
        return new Said('technique.wax.label');
    }

    public function character(): Character
    {
        return Grounds::coated()
            ->prefers(State::Tight, new Said('technique.wax.outside-coated-once-liner'));
    }
}
