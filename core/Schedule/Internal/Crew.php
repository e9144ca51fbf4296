<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * A way in which a task may be done: in whose hours, and what it takes meanwhile.
 *
 * @internal
 */
final readonly class Crew
{
    /**
     * @param  list<int>  $needs  resource, quantity, resource, quantity …
     * @param  int  $gate  the one of its needs that is kept day by day, by number; -1 for none
     * @param  list<int>  $others  what it needs besides
     * @param  bool  $isAlone  whether none of those is kept day by day too
     * @param  bool  $isCounted  whether the gate's own hours are its hours, so that the gaps in them are known
     * @param  list<string>  $who
     */
    public function __construct(
        public Stretches $hours,
        public array $needs,
        public int $gate = -1,
        public array $others = [],
        public bool $isAlone = true,
        public bool $isCounted = false,
        public array $who = [],
    ) {
    }

    /**
     * The stretches in which work is done that may be broken off at the end of one and taken up in the next.
     *
     * @return non-empty-list<array{int, int}>
     */
    public function runs(int $seconds, int $from): array
    {
        $k = $this->hours->indexAfter($from);
        $runs = [];
        do {
            $closes = $this->hours->reach($k);
            $start = max($from, $this->hours->opens[$k++]);
            $run = min($seconds, $closes - $start);
            $runs[] = [$start, $start + $run];
            $seconds -= $run;
        } while ($seconds > 0);

        return $runs;
    }
}
