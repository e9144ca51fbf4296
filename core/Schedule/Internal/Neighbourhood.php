<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Small changes of a list: what a search tries next, and what it goes on from once that is taken.
 *
 * @internal
 */
interface Neighbourhood
{
    /**
     * Begins with a list that a decoder has placed.
     *
     * @param  list<int>  $list  pieces, each as often as it has tasks
     * @return list<int> as it takes it
     */
    public function begin(array $list, Decoder $decoder): array;

    /**
     * A changed list, the first place at which it differs and the first from which it is as it was; null where this try
     * came to nothing.
     *
     * @param  list<int>  $late  pieces worth putting forward; none: any
     * @return array{list<int>, int, int}|null
     */
    public function proposed(array $late): ?array;

    /** What was proposed last stands now. */
    public function take(): void;
}
