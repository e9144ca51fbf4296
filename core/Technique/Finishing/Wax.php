<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Grounds;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;

/** A coat of wax. */
final readonly class Wax implements Technique
{
    public function key(): string
    {
        return 'wax';
    }

    public function label(): string
    {
        return 'Wax';
    }

    public function character(): Character
    {
        return Grounds::coated()
            ->prefers(State::Tight, 'The outside is coated once the liner holds water and its drips are off.');
    }
}
