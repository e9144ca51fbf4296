<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Cutting;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** A blank brought round. */
final readonly class Rough implements Technique
{
    public function key(): string
    {
        return 'rough';
    }

    public function label(): Said
    {
        return new Said('technique.rough.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->leaves(State::Round)
            ->hurts(Hazard::Lathe)
            ->chips();
    }
}
