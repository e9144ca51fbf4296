<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * A decoder's way back to a place of a list: its rows as they stood there. PHP copies a row only once it is changed.
 *
 * @internal
 */
final readonly class State
{
    /**
     * @param  list<array<int, list<int>>>  $times
     * @param  list<array<int, list<int>>>  $levels
     * @param  array{array<int, int>, array<int, int>, array<int, int>, array<int, int>}  $left  what gates have left
     * @param  list<array<int, int>>  $far
     * @param  non-empty-list<array<int, int>>  $marks  start, end, crew, pushed, next
     * @param  array<int, float>  $bound
     * @param  array<int, true>  $broken
     * @param  array{float, int}  $sums  late, last end
     */
    public function __construct(
        public array $times,
        public array $levels,
        public array $left,
        public array $far,
        public array $marks,
        public array $bound,
        public array $broken,
        public array $sums,
    ) {
    }

    public function sum(): float
    {
        return $this->sums[0] + Decoder::WINDOW * count($this->broken);
    }
}
