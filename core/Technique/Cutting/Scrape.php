<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A light cut with a freshly ground edge. */
final readonly class Scrape implements Technique
{
    public function key(): string
    {
        return 'scrape';
    }

    public function label(): string
    {
        return 'Scrape';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'A last cut is for wood that has its shape.')
            ->needs(State::Bare, 'A cut through a coat or glue leaves bare streaks.')
            ->leaves(State::Sound)
            ->hurts(Hazard::Lathe, Hazard::Grinder)
            ->chips();
    }
}
