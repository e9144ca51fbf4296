<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a plan finds: tasks that start when they are said to, and when tasks started in the plan before. */
final readonly class Standing
{
    /**
     * @param  list<Pin>  $pinned
     * @param  list<Pin>  $last
     */
    public function __construct(
        public array $pinned = [],
        public array $last = [],
        public Questions $questions = new Questions,
    ) {
    }
}
