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

    /** 524,288 s, some six days: levels are kept by these, so that a change is one of a short row. */
    private const WEEK_BITS = 19;

    /** @var list<array<int, list<int>>> resource => week => its start, then seconds (UTC) at which the level changes */
    public array $times = [];

    /** @var list<array<int, list<int>>> resource => week => the level from each of them to the next */
    public array $levels = [];

    /** @var list<array<int, list<int>>> gate => day => start, end, start, end … of what is taken */
    public array $rows = [];

    /** @var list<array<int, int>> gate => stretch => it has no more left in one go, where that was seen */
    public array $gaps = [];

    /** @var list<array<int, int>> gate => size => the first stretch that may have so much left */
    public array $heads = [];

    /** Of what was found last: its day, and its place in the row of that. */
    private int $day = 0;

    private int $place = 0;

    /** @var array<int, int> resource => its gate */
    private array $gateOf = [];

    /**
     * @param  list<int>  $capacity  by resource
     * @param  list<Gate>  $gates
     */
    public function __construct(private readonly array $capacity, private readonly array $gates)
    {
        foreach (array_keys($capacity) as $resource) {
            $this->times[$resource] = $this->levels[$resource] = [];
        }
        foreach ($gates as $g => $gate) {
            $this->gateOf[$gate->resource] = $g;
            $this->gaps[$g] = $this->rows[$g] = [];
            $this->heads[$g] = array_fill(0, self::SIZES, 0);
        }
    }

    /**
     * The first second from which a task runs without a break in one stretch, with all that it needs free.
     *
     * @param  int  $until  second (UTC): later than that it is not looked for
     * @return int -1 where it would be too late
     */
    public function earliest(Crew $crew, int $seconds, int $from, int $until = Workload::NEVER): int
    {
        $g = $crew->gate;
        $hours = $crew->hours;
        $opens = $hours->opens;
        $closes = $hours->closes;
        $isCounted = $crew->isCounted;
        $least = $seconds > 0 ? $seconds : 1;
        $at = $from;
        $k = $hours->indexAfter($at);
        if ($isCounted) {
            $k = $this->pastFull($g, $seconds, $k);
        }
        while (true) {
            if (! isset($closes[$k])) {
                $hours->reach($k);
                $opens = $hours->opens;
                $closes = $hours->closes;
            }
            $start = $at < $opens[$k] ? $opens[$k] : $at;
            if ($start > $until) {
                return -1;
            }
            $limit = $closes[$k];
            $day = $hours->day[$k];
            $i = $longest = 0;
            if ($g >= 0 && isset($this->rows[$g][$day])) {
                $row = $this->rows[$g][$day];
                $count = count($row);
                while ($i < $count && $row[$i] < $limit && $start + $least > $row[$i]) {
                    if ($row[$i + 1] > $start) {
                        $longest = $longest < $row[$i] - $start ? $row[$i] - $start : $longest;
                        $start = $row[$i + 1];
                    }
                    $i += 2;
                }
            }
            if ($start + $seconds > $limit) {
                if ($isCounted && $at <= $opens[$k]) {
                    $this->gaps[$g][$k] = $limit - $start > $longest ? $limit - $start : $longest;
                }
                do {
                    $k++;
                } while ($isCounted && isset($this->gaps[$g][$k]) && $this->gaps[$g][$k] < $seconds);

                continue;
            }
            if ($crew->others !== []) {
                $at = $this->freeOfOthers($crew, $start, $least);
                if ($at !== $start) {
                    while (($closes[$k] ?? $hours->reach($k)) <= $at) {
                        $k++;
                    }

                    continue;
                }
            }
            $this->day = $day;
            $this->place = $i;

            return $start > $until ? -1 : $start;
        }
    }

    /**
     * Takes what a task needs that runs without a break in one stretch, at the first second at which all of it is free.
     *
     * @param  int  $until  second (UTC): later than that nothing is taken
     * @return int when it starts; -1 where that would be too late
     */
    public function put(Crew $crew, int $seconds, int $from, int $until): int
    {
        $start = $this->earliest($crew, $seconds, $from, $until);
        if ($start >= 0) {
            $this->takeFound($crew, $start, $start + $seconds);
        }

        return $start;
    }

    /** Takes what a crew needs where that was just found to be free. */
    public function takeFound(Crew $crew, int $start, int $end): void
    {
        $this->insert($crew->gate, $this->day, $this->place, $start, $end);
        for ($n = 0, $count = count($crew->others); $n < $count; $n += 2) {
            $this->book($crew->others[$n], $crew->others[$n + 1], $start, $end);
        }
    }

    /** The first second from one on from which all that a crew needs besides is free for so long. */
    private function freeOfOthers(Crew $crew, int $start, int $seconds): int
    {
        $needs = $crew->others;
        $count = count($needs);
        do {
            $at = $start;
            for ($n = 0; $n < $count; $n += 2) {
                $start = $this->freeFor($needs[$n], $needs[$n + 1], $start, $seconds);
            }
        } while ($start !== $at && $count > 2);

        return $start;
    }

    /**
     * The first second from one on from which a quantity is free for so long, at least a second.
     *
     * @param  bool  $isOver  where it is not free at once, whether any second will do at which it is free again
     */
    public function freeFor(int $resource, int $quantity, int $start, int $seconds, bool $isOver = false): int
    {
        if (isset($this->gateOf[$resource])) {
            return $this->freeOfGate($this->gateOf[$resource], $start, $start + $seconds);
        }
        $times = $this->times[$resource];
        $levels = $this->levels[$resource];
        $most = $this->capacity[$resource] - $quantity;
        $at = $start;
        $b = $start >> self::WEEK_BITS;
        $low = isset($times[$b]) ? self::at($times[$b], $start) : 0;
        while (true) {
            $row = $times[$b] ?? [];
            $level = $levels[$b] ?? [];
            $count = count($row);
            while ($low < $count) {
                if ($level[$low] > $most) {
                    do {
                        $low++;
                    } while ($low < $count && $level[$low] > $most);
                    $at = $row[$low] ?? ($b + 1) << self::WEEK_BITS;
                } elseif ($isOver && $at !== $start) {
                    return $at;
                } elseif (++$low < $count && $row[$low] >= $at + $seconds) {
                    return $at;
                }
            }
            $b++;
            $low = 0;
            if ($b << self::WEEK_BITS >= $at + $seconds) {
                return $at;
            }
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
        return $this->freeFor($resource, $quantity, $start, $end - $start, isOver: true);
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
        $last = ($end - 1) >> self::WEEK_BITS;
        for ($b = $start >> self::WEEK_BITS; $b <= $last; $b++) {
            $this->times[$resource][$b] ??= [$b << self::WEEK_BITS];
            $this->levels[$resource][$b] ??= [0];
            $this->raise($resource, $b, $quantity, max($start, $b << self::WEEK_BITS), $end);
        }
    }

    /** Books what of a stretch lies in one of the weeks. */
    private function raise(int $resource, int $b, int $quantity, int $start, int $end): void
    {
        $times = $this->times[$resource][$b];
        $levels = $this->levels[$resource][$b];
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
        if ($end < ($b + 1) << self::WEEK_BITS && $levels[$last] !== $before) {
            $newTimes[] = $end;
            $newLevels[] = $levels[$last];
        }
        unset($times, $levels);
        array_splice($this->times[$resource][$b], $first, $last - $first + 1, $newTimes);
        array_splice($this->levels[$resource][$b], $first, $last - $first + 1, $newLevels);
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
    private function take(int $gate, int $start, int $end): void
    {
        $day = $this->gates[$gate]->days->indexAfter($start);
        $row = $this->rows[$gate][$day] ?? [];
        $i = 0;
        while (isset($row[$i]) && $row[$i] < $end) {
            $i += 2;
        }
        unset($row);
        $this->insert($gate, $day, $i, $start, $end);
    }

    /** Takes a gate's resource within a day, before a place in its row; joined to what is taken next to it. */
    private function insert(int $gate, int $day, int $i, int $start, int $end): void
    {
        if (! isset($this->rows[$gate][$day])) {
            $this->rows[$gate][$day] = [$start, $end];

            return;
        }
        $joins = $i > 0 && $this->rows[$gate][$day][$i - 1] === $start;
        $isLast = ! isset($this->rows[$gate][$day][$i]);
        $meets = ! $isLast && $this->rows[$gate][$day][$i] === $end;
        if ($joins && $meets) {
            array_splice($this->rows[$gate][$day], $i - 1, 2);
        } elseif ($joins) {
            $this->rows[$gate][$day][$i - 1] = $end;
        } elseif ($meets) {
            $this->rows[$gate][$day][$i] = $start;
        } elseif ($isLast) {
            $this->rows[$gate][$day][] = $start;
            $this->rows[$gate][$day][] = $end;
        } else {
            array_splice($this->rows[$gate][$day], $i, 0, [$start, $end]);
        }
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
        $this->forgetGaps($gate, $start, $end);
    }

    /** Of the stretches that something is given back to it is not known any more how little they have left. */
    private function forgetGaps(int $gate, int $start, int $end): void
    {
        $hours = $this->gates[$gate]->hours;
        $first = $hours->indexAfter($start);
        for ($k = $first; $hours->reach($k) > 0 && $hours->opens[$k] < $end; $k++) {
            unset($this->gaps[$gate][$k]);
        }
        foreach ($this->heads[$gate] as $size => $head) {
            if ($head > $first) {
                $this->heads[$gate][$size] = $first;
            }
        }
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
