<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** A task with its start and end as seconds (UTC), and what kept it from starting earlier. */
final readonly class PlacedTask
{
    /**
     * @param  list<string>  $who  ids of people, where the shop has any
     * @param  Slack|null  $slack  where it was asked for
     */
    public function __construct(
        public string $piece,
        public Task $task,
        public int $start,
        public int $end,
        public Delay $delay,
        public array $who = [],
        public ?Slack $slack = null,
    ) {
    }
}
