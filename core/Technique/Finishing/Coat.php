<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Words\Said;

/** A coat of finish. */
final readonly class Coat implements Technique
{
    public function key(): string
    {
        return 'coat';
    }

    public function label(): Said
    {
        return new Said('technique.coat.label');
    }

    public function character(): Character
    {
        return Grounds::coated()
            ->prefers(State::Tight, new Said('technique.coat.outside-coated-once-liner'));
    }
}
