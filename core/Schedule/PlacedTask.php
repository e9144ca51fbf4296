<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** A task with its start and end as seconds (UTC), and what kept it from starting earlier. */
final readonly class PlacedTask
{
    public function __construct(
        public string $piece,
        public Task $task,
        public int $start,
        public int $end,
        public Delay $delay,
    ) {
    }
}
