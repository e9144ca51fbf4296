<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Repair;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A thin coat that stiffens soft fibres for a last cut. */
final readonly class SealToCut implements Technique
{
    public function key(): string
    {
        return 'seal-to-cut';
    }

    public function label(): Said
    {
        return new Said('technique.seal-to-cut.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Hand)
            ->needs(State::Shaped, new Said('technique.seal-to-cut.what-stiffened-before-last'));
    }
}
