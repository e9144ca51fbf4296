<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What no plan of a shop can beat, and how near to it this one comes. */
final readonly class Bound
{
    /**
     * @param  int  $finish  second (UTC)
     * @param  float  $lateHours  weighted hours late, each piece alone in the shop
     * @param  bool  $isReached  whether windows kept and lateness are proved to be the best there are
     * @param  float|null  $gap  how much of the lateness, 0 to 1, might still be saved; null where that says nothing
     */
    public function __construct(
        public int $finish,
        public float $lateHours,
        public bool $isReached,
        public ?float $gap,
    ) {
    }
}
