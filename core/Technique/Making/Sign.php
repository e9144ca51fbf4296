<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A name and a date under the foot. */
final readonly class Sign implements Technique
{
    public function key(): string
    {
        return 'sign';
    }

    public function label(): Said
    {
        return new Said('technique.sign.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, new Said('technique.sign.there-no-foot-sign'))
            ->prefers(State::Smooth, new Said('technique.sign.sanding-would-take-off'))
            ->prefers(State::Bare, new Said('technique.sign.ink-pen-want-bare'));
    }
}
