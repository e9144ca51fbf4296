<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A light cut with a freshly ground edge. */
final readonly class Scrape implements Technique
{
    public function key(): string
    {
        return 'scrape';
    }

    public function label(): Said
    {
        return new Said('technique.scrape.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, new Said('technique.scrape.last-cut-wood-has'))
            ->needs(State::Bare, new Said('technique.scrape.cut-through-coat-or'))
            ->leaves(State::Sound)
            ->hurts(Hazard::Lathe, Hazard::Grinder)
            ->chips();
    }
}
