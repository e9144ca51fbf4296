<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** A task and when it starts: as somebody has said it must, or as the last plan had it. */
final readonly class Pin
{
    /**
     * @param  int  $start  second (UTC)
     * @param  string  $field  where it stands in what was asked
     * @param  list<string>  $who  ids of those who were to do it; none: nobody in particular
     */
    public function __construct(
        public string $piece,
        public string $task,
        public int $start,
        public string $field = 'pinned',
        public array $who = [],
    ) {
    }
}
