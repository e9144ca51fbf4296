<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/** The time until every coat is as hard as its use asks. */
final readonly class Cure implements Technique
{
    public function key(): string
    {
        return 'cure';
    }

    public function label(): Said
    {
        return new Said('technique.cure.label');
    }

    public function character(): Character
    {
        return Character::done(Work::Points);
    }
}
