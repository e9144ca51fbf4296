<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Sanding;

use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Character;
use HonestGrain\Technique\State;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** Abrasive paste worked through its grades on the spinning lathe. */
final readonly class Paste implements Technique
{
    public function key(): string
    {
        return 'paste';
    }

    public function label(): Said
    {
        return new Said('technique.paste.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Spinning)
            ->needs(State::Smooth, new Said('technique.paste.paste-takes-over-where'))
            ->prefers(State::Decorated, new Said('technique.paste.paste-leaves-trace-wax'))
            ->spoils(State::Bare)
            ->hurts(Hazard::Lathe);
    }
}
