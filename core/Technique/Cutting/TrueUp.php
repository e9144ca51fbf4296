<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A rough-out that dried oval brought round again. */
final readonly class TrueUp implements Technique
{
    public function key(): string
    {
        return 'true';
    }

    public function label(): Said
    {
        return new Said('technique.true-up.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->leaves(State::Round, State::Holdable)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
