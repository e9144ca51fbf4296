<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * All that is done in batches, in order of time, and how often one changes to another where some of it is moved.
 *
 * @internal
 */
final class BatchOrder
{
    /** @var list<int> tasks */
    private array $order;

    /**
     * @param  list<int>  $batches  by task, -1 for none
     * @param  array<int, int>  $starts  by task, seconds (UTC)
     */
    public function __construct(private readonly array $batches, array $starts)
    {
        asort($starts);
        $this->order = array_values(array_filter(array_keys($starts), fn (int $t): bool => $batches[$t] >= 0));
    }

    /**
     * Where in the order those stand that start within some time.
     *
     * @param  array<int, int>  $starts  by task
     * @return array{int, int} the first place, and the first behind them
     */
    public function places(array $starts, int $from, int $until): array
    {
        return [$this->firstAt($starts, $from), $this->firstAt($starts, $until + 1)];
    }

    /**
     * Puts those at some places in order anew, which have been moved among themselves, unless that would be more
     * changes of batch.
     *
     * @param  array{int, int}  $places
     * @param  array<int, int>  $starts  by task, as they are now
     * @return bool whether it is no more of them
     */
    public function reorder(array $places, array $starts): bool
    {
        [$first, $end] = $places;
        $before = max(0, $first - 1);
        $stood = array_slice($this->order, $before, $end + 1 - $before);
        $moved = array_slice($this->order, $first, $end - $first);
        usort($moved, fn (int $a, int $b): int => $starts[$a] <=> $starts[$b]);
        $now = $stood;
        array_splice($now, $first - $before, count($moved), $moved);
        if ($this->changes($now) > $this->changes($stood)) {
            return false;
        }
        array_splice($this->order, $first, count($moved), $moved);

        return true;
    }

    /** @param  list<int>  $tasks */
    private function changes(array $tasks): int
    {
        $changes = 0;
        for ($n = 1, $count = count($tasks); $n < $count; $n++) {
            $changes += $this->batches[$tasks[$n]] === $this->batches[$tasks[$n - 1]] ? 0 : 1;
        }

        return $changes;
    }

    /** @param  array<int, int>  $starts */
    private function firstAt(array $starts, int $second): int
    {
        [$low, $high] = [0, count($this->order)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $starts[$this->order[$middle]] < $second ? [$middle + 1, $high] : [$low, $middle];
        }

        return $low;
    }
}
