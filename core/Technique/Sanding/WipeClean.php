<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Dust taken off, and the work looked over under a raking light. */
final readonly class WipeClean implements Technique
{
    public function key(): string
    {
        return 'wipe-clean';
    }

    public function label(): Said
    {
        return new Said('technique.wipe-clean.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Smooth, new Said('technique.wipe-clean.sanding-would-lay-new'))
            ->needs(State::Settled, new Said('technique.wipe-clean.knocking-back-would-lay'))
            ->needs(State::Decorated, new Said('technique.wipe-clean.cutting-burning-would-lay'))
            ->leaves(State::Clean)
            ->dusty();
    }
}
