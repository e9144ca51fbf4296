<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What must lie between the end of another task of the same piece and the start of this one. */
final readonly class Lag
{
    /** @param  bool  $isSoon  what that one does does not last, so that this one had better come right behind it */
    public function __construct(public string $task, public Wait $wait, public bool $isSoon = false)
    {
    }
}
