<?php

declare(strict_types=1);

namespace HonestGrain\Technique\Finishing;

use HonestGrain\Technique\Character;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;

/** The time until every coat is as hard as its use asks. */
final readonly class Cure implements Technique
{
    public function key(): string
    {
        return 'cure';
    }

    public function label(): string
    {
        return 'Cure';
    }

    public function character(): Character
    {
        return Character::done(Work::Points);
    }
}
