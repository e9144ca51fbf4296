<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** A thin coat that stiffens soft fibres for a last cut. */
final readonly class SealToCut implements Technique
{
    public function key(): string
    {
        return 'seal-to-cut';
    }

    public function label(): string
    {
        return 'Seal for the last cut';
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, 'What is stiffened before the last cut but one is cut away again.');
    }
}
