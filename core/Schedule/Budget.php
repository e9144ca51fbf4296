<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a search may spend, and the seed of what it tries by chance. */
final readonly class Budget
{
    /** @param  int|null  $looks  so many tasks are placed, whatever the clock says; null: the milliseconds count */
    public function __construct(public int $milliseconds = 1000, public int $seed = 1, public ?int $looks = null)
    {
    }
}
