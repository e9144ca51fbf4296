<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** Seconds (UTC) between which a task starts: a wait that is already running, a window that is already open. */
final readonly class Bounds
{
    public function __construct(public ?int $notBefore = null, public ?int $notAfter = null)
    {
    }
}
