<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What must lie between the end of another task of the same piece and the start of this one. */
final readonly class Lag
{
    public function __construct(public string $task, public Wait $wait)
    {
    }
}
