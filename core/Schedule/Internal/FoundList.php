<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * What a search has come to: a list, the windows that it gives up, and what that costs.
 *
 * @internal
 */
final readonly class FoundList
{
    /**
     * @param  list<int>  $list  pieces, each as often as it has tasks
     * @param  array<int, true>  $givenUp  tasks whose windows are not kept
     * @param  bool  $isSettled  whether nothing in it can be less late
     * @param  bool  $inRuns  whether what is mounted is placed in one go by it
     */
    public function __construct(
        public Cost $cost,
        public array $list,
        public array $givenUp,
        public bool $isSettled = false,
        public bool $inRuns = true,
    ) {
    }
}
