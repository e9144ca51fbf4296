<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Making;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** Two parts fitted to one another. */
final readonly class Fit implements Technique
{
    public function key(): string
    {
        return 'fit';
    }

    public function label(): string
    {
        return 'Fit';
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Shaped, 'A joint is fitted to its last size.')
            ->prefers(State::Smooth, 'Sanding after the fitting makes it loose.')
            ->needs(State::Bare, 'Coats build up in the joint and glue it shut.')
            ->hurts(Hazard::Lathe);
    }
}
