<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** Whether a task is done in one go with others, and whether it may be broken off. */
final readonly class Grouping
{
    /** @param  string|null  $batch  the same for tasks that are done in one go; null for none */
    public function __construct(public ?string $batch = null, public bool $splittable = false)
    {
    }
}
