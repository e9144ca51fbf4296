<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** Whether a task is done in one go with others, whether it may be broken off, and what it goes on through. */
final readonly class Grouping
{
    /**
     * @param  string|null  $batch  the same for tasks that are done in one go; null for none
     * @param  int  $throughSeconds  a break of the day that is no longer than this is worked through
     */
    public function __construct(
        public ?string $batch = null,
        public bool $splittable = false,
        public int $throughSeconds = 0,
    ) {
    }
}
