<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How much of each resource is taken when. A gate's work is a row of starts and ends for each day; of any other
 * resource there is a step function, as a row of seconds and a row of levels.
 *
 * The rows are plain values, so that a copy of them is a way back that costs nothing until one is changed.
 *
 * @internal
 */
final class Timetable
{
    /** Tasks are sorted by size, each twice the one before: under 2 min, under 4, under 8 … */
    private const SIZES = 10;

    /** @var list<list<int>> by resource: the seconds (UTC) at which its level changes, from 0 on */
    public array $times = [];

    /** @var list<list<int>> by resource: the level from each of them to the next */
    public array $levels = [];

    /** @var list<array<int, list<int>>> gate => day => start, end, start, end … of what is taken */
    public array $rows = [];

    /** @var list<array<int, int>> gate => stretch => the longest time in it that nothing is taken */
    public array $gaps = [];

    /** @var list<array<int, int>> gate => size => the first stretch that may have so much left */
    public array $heads = [];

    /** @var array<int, int> resource => its gate */
    private array $gateOf = [];

    /**
     * @param  list<int>  $capacity  by resource
     * @param  list<Gate>  $gates
     */
    public function __construct(private readonly array $capacity, private readonly array $gates)
    {
        foreach (array_keys($capacity) as $resource) {
            $this->times[$resource] = $this->levels[$resource] = [0];
        }
        foreach ($gates as $g => $gate) {
            $this->gateOf[$gate->resource] = $g;
            $this->gaps[$g] = $this->rows[$g] = [];
            $this->heads[$g] = array_fill(0, self::SIZES, 0);
        }
    }

    /** The first second from which a task runs without a break in one stretch, with all that it needs free. */
    public function earliest(Crew $crew, int $seconds, int $from): int
    {
        $hours = $crew->hours;
        $needs = $crew->others;
        $count = count($needs);
        $at = $from;
        $k = $hours->indexAfter($at);
        $opens = $hours->opens;
        $closes = $hours->closes;
        $days = $hours->day;
        $gaps = $crew->isCounted ? $this->gaps[$crew->gate] : [];
        $rows = $crew->gate < 0 ? [] : $this->rows[$crew->gate];
        $least = $seconds > 0 ? $seconds : 1;
        if ($crew->isCounted) {
            $k = $this->pastFull($crew->gate, $seconds, $k);
        }
        while (true) {
            if (isset($gaps[$k]) && $gaps[$k] < $seconds) {
                $k++;

                continue;
            }
            if (! isset($closes[$k])) {
                $hours->reach($k);
                $opens = $hours->opens;
                $closes = $hours->closes;
                $days = $hours->day;
            }
            $start = $at < $opens[$k] ? $opens[$k] : $at;
            $day = $days[$k];
            if (isset($rows[$day])) {
                $row = $rows[$day];
                for ($i = 0, $n = count($row); $i < $n && $least > $row[$i] - $start; $i += 2) {
                    if ($row[$i + 1] > $start) {
                        $start = $row[$i + 1];
                    }
                }
            }
            if ($start + $seconds > $closes[$k]) {
                $k++;

                continue;
            }
            for ($n = 0; $n < $count; $n += 2) {
                $later = $this->freeFrom($needs[$n], $needs[$n + 1], $start, $start + $least);
                if ($later !== $start) {
                    $at = $later;
                    while (($closes[$k] ?? $hours->reach($k)) <= $at) {
                        $k++;
                    }

                    continue 2;
                }
            }

            return $start;
        }
    }

    /** The first stretch from one on that is not known to have too little left. */
    private function pastFull(int $gate, int $seconds, int $k): int
    {
        $size = 0;
        $limit = 60;
        while ($seconds >= 2 * $limit && $size < self::SIZES - 1) {
            $limit *= 2;
            $size++;
        }
        $head = $this->heads[$gate][$size];
        $gaps = $this->gaps[$gate];
        if (isset($gaps[$head]) && $gaps[$head] < $limit) {
            do {
                $head++;
            } while (isset($gaps[$head]) && $gaps[$head] < $limit);
            $this->heads[$gate][$size] = $head;
        }

        return $head > $k ? $head : $k;
    }

    /** The stretch's own start where a quantity is free all along it; else the first second later at which it is. */
    public function freeFrom(int $resource, int $quantity, int $start, int $end): int
    {
        if (isset($this->gateOf[$resource])) {
            return $this->freeOfGate($this->gateOf[$resource], $start, $end);
        }
        $times = $this->times[$resource];
        $levels = $this->levels[$resource];
        $most = $this->capacity[$resource] - $quantity;
        $last = count($times) - 1;
        $low = self::at($times, $start);
        while ($levels[$low] <= $most) {
            if (++$low > $last || $times[$low] >= $end) {
                return $start;
            }
        }
        do {
            $low++;
        } while ($low < $last && $levels[$low] > $most);

        return $times[$low] ?? Workload::NEVER;
    }

    /** Takes a quantity from one second to another; less than nothing gives it back. */
    public function book(int $resource, int $quantity, int $start, int $end): void
    {
        if ($end <= $start) {
            return;
        }
        if (isset($this->gateOf[$resource])) {
            $quantity > 0 ? $this->take($this->gateOf[$resource], $start, $end)
                : $this->give($this->gateOf[$resource], $start, $end);

            return;
        }
        $times = $this->times[$resource];
        $levels = $this->levels[$resource];
        $first = self::at($times, $start);
        $last = self::at($times, $end);
        $before = $levels[$first - 1] ?? -1;
        $newTimes = $newLevels = [];
        if ($times[$first] < $start) {
            $newTimes[] = $times[$first];
            $newLevels[] = $before = $levels[$first];
        }
        for ($i = $first; $i <= $last && $times[$i] < $end; $i++) {
            if ($before !== $levels[$i] + $quantity) {
                $newTimes[] = $times[$i] < $start ? $start : $times[$i];
                $newLevels[] = $before = $levels[$i] + $quantity;
            }
        }
        if ($levels[$last] !== $before) {
            $newTimes[] = $end;
            $newLevels[] = $levels[$last];
        }
        unset($times, $levels);
        array_splice($this->times[$resource], $first, $last - $first + 1, $newTimes);
        array_splice($this->levels[$resource], $first, $last - $first + 1, $newLevels);
    }

    private function freeOfGate(int $gate, int $start, int $end): int
    {
        $day = $this->gates[$gate]->days->indexAfter($start);
        $row = $this->rows[$gate][$day] ?? [];
        for ($i = 0, $count = count($row); $i < $count && $row[$i] < $end; $i += 2) {
            if ($row[$i + 1] > $start) {
                return $row[$i + 1];
            }
        }

        return $start;
    }

    /** Takes a gate's resource within a day. */
    public function take(int $gate, int $start, int $end): void
    {
        $day = $this->gates[$gate]->days->indexAfter($start);
        $row = $this->rows[$gate][$day] ?? [];
        $count = count($row);
        $i = 0;
        while ($i < $count && $row[$i + 1] < $start) {
            $i += 2;
        }
        $joins = $i < $count && $row[$i + 1] === $start;
        $next = $joins ? $i + 2 : $i;
        $meets = $next < $count && $row[$next] === $end;
        if ($joins && $meets) {
            array_splice($row, $i + 1, 2);
        } elseif ($joins) {
            $row[$i + 1] = $end;
        } elseif ($meets) {
            $row[$next] = $start;
        } elseif ($i === $count) {
            $row[] = $start;
            $row[] = $end;
        } else {
            array_splice($row, $i, 0, [$start, $end]);
        }
        $this->rows[$gate][$day] = $row;
        $this->measure($gate, $row, $start, $end);
    }

    private function give(int $gate, int $start, int $end): void
    {
        $day = $this->gates[$gate]->days->indexAfter($start);
        $row = $this->rows[$gate][$day];
        $i = 0;
        while ($row[$i + 1] < $end) {
            $i += 2;
        }
        $kept = [];
        if ($row[$i] < $start) {
            array_push($kept, $row[$i], $start);
        }
        if ($row[$i + 1] > $end) {
            array_push($kept, $end, $row[$i + 1]);
        }
        array_splice($row, $i, 2, $kept);
        $this->rows[$gate][$day] = $row;
        $k = $this->measure($gate, $row, $start, $end);
        foreach ($this->heads[$gate] as $size => $head) {
            if ($head > $k) {
                $this->heads[$gate][$size] = $k;
            }
        }
    }

    /**
     * Measures the longest gap of each stretch that something was taken of or given back to.
     *
     * @param  list<int>  $row  of the day
     * @return int the first of the stretches
     */
    private function measure(int $gate, array $row, int $start, int $end): int
    {
        $hours = $this->gates[$gate]->hours;
        $first = $hours->indexAfter($start);
        $count = count($row);
        for ($k = $first; $k === $first || ($hours->reach($k) > 0 && $hours->opens[$k] < $end); $k++) {
            $from = $hours->opens[$k];
            $closes = $hours->closes[$k];
            $longest = 0;
            for ($i = 0; $i < $count && $row[$i] < $closes; $i += 2) {
                if ($longest < $row[$i] - $from) {
                    $longest = $row[$i] - $from;
                }
                if ($row[$i + 1] > $from) {
                    $from = $row[$i + 1];
                }
            }
            $this->gaps[$gate][$k] = $closes - $from > $longest ? $closes - $from : $longest;
        }

        return $first;
    }

    /**
     * The last place of a row whose second is not after one.
     *
     * @param  list<int>  $times
     */
    private static function at(array $times, int $second): int
    {
        $low = 0;
        $high = count($times) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($times[$middle] <= $second) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }
}
