<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Words\Said;

/** Why a step comes after another, as the one that would suffer says it. */
final readonly class Reason
{
    /** @param  bool  $bends  whether the maker's own order may go against it */
    public function __construct(public string $after, public Said $because, public bool $bends)
    {
    }
}
