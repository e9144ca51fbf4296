<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

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
        return Character::done(Work::Points)
            ->needs(State::Shaped, 'A coat goes on wood that has its last shape.')
            ->prefers(State::Smooth, 'A coat shows every scratch below it for good.')
            ->needs(State::Sound, 'Nothing holds in wood that has been oiled or coated.')
            ->prefers(State::Decorated, 'A coat closes the wood: what is cut, burnt or dyed comes first.')
            ->prefers(State::Settled, 'Water in the coat would raise the grain under it.')
            ->prefers(State::Clean, 'Dust under a coat stays there.')
            ->prefers(State::Tight, 'The outside is coated once the liner holds water and its drips are off.')
            ->spoils(State::Bare);
    }
}
