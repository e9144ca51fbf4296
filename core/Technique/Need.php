<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Words\Said;

/** A state that an operation needs of its place, and what goes wrong without it, as a maker would say it. */
final readonly class Need
{
    /** @param  bool  $bends  whether the maker may have it otherwise, knowing what it costs */
    public function __construct(public State $state, public Said $because, public bool $bends)
    {
    }
}
