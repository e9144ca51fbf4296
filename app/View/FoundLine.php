<?php

declare(strict_types=1);

namespace App\View;

/** One thing that a search has found: what it is called, where it is, and what else tells it from the others. */
final readonly class FoundLine
{
    public function __construct(public string $name, public string $address, public string $beside = '')
    {
    }
}
