<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How much of each resource is taken when. Of a gate the time that is left is kept, as stretches in a row for each day;
 * of any other resource there is a step function, as a row of seconds and a row of levels.
 *
 * All of it is plain values, so that a copy is a way back that costs nothing until one is changed. What is left of the
 * gates stands in flat rows: a decoder takes them to itself for as long as it places one simple task after another.
 *
 * @internal
 */
final class Timetable
{
    /** 524,288 s, some six days: levels are kept by these, so that a change is one of a short row. */
    private const WEEK_BITS = 19;

    /** @var list<array<int, list<int>>> resource => week => its start, then seconds (UTC) at which the level changes */
    public array $times = [];

    /** @var list<array<int, list<int>>> resource => week => the level from each of them to the next */
    public array $levels = [];

    /** @var array<int, int> stretch of what is left => second (UTC) from which it is free */
    public array $from = [];

    /** @var array<int, int> second (UTC) until which it is free; the same as its start where nothing is left of it */
    public array $until = [];

    /** @var array<int, int> the next stretch of its day, -1 for none */
    public array $next = [];

    /** @var array<int, int> row of the grid => it has no more left in one go, where that was seen */
    public array $gaps = [];

    /** @var list<array<int, int>> gate => day behind those of the grid => its first stretch */
    public array $far = [];

    /** @var array<int, int> resource => its gate */
    private array $gateOf = [];

    /**
     * @param  list<int>  $capacity  by resource
     * @param  list<Gate>  $gates
     */
    public function __construct(
        private readonly array $capacity,
        private readonly array $gates,
        private readonly Grid $grid,
    ) {
        foreach (array_keys($capacity) as $resource) {
            $this->times[$resource] = $this->levels[$resource] = [];
        }
        foreach ($gates as $g => $gate) {
            $this->gateOf[$gate->resource] = $g;
            $this->far[$g] = [];
            for ($day = 0; $day < $grid->days[$g]; $day++) {
                $this->add($gate->days->opens[$day], $gate->days->closes[$day], -1);
            }
        }
        $this->gaps = array_fill(0, max(1, count($grid->opens)), Workload::NEVER);
    }

    /** A stretch of what is left, by number. */
    private function add(int $from, int $until, int $next): int
    {
        $this->from[] = $from;
        $this->until[] = $until;
        $this->next[] = $next;

        return count($this->from) - 1;
    }

    /**
     * The first second from which a task runs without a break in one stretch, with all that it needs free.
     *
     * @param  int  $last  second (UTC): later than that it is not looked for
     * @return int -1 where it would be too late
     */
    public function earliest(Crew $crew, int $seconds, int $from, int $last = Workload::NEVER): int
    {
        $hours = $crew->hours;
        $least = $seconds > 0 ? $seconds : 1;
        $own = $crew->isCounted ? $this->grid->own[$crew->gate] : -1;
        $days = $crew->isCounted ? $this->grid->days[$crew->gate] : -1;
        for ($k = $hours->indexAfter($from); true; $k++) {
            $closes = $hours->reach($k);
            $start = $from < $hours->opens[$k] ? $hours->opens[$k] : $from;
            if ($start > $last) {
                return -1;
            }
            if ($hours->day[$k] < $days && $this->gaps[$own + $k] < $seconds) {
                continue;
            }
            while ($start >= 0 && $start + $seconds <= $closes) {
                $start = $crew->gate < 0 ? $start : $this->leftFor($crew, $k, $least, $start);
                $free = $start < 0 || $crew->others === [] ? $start : $this->freeOfOthers($crew, $start, $least);
                if ($free === $start && $start >= 0) {
                    return $start > $last ? -1 : $start;
                }
                $start = $free;
                $from = $free > $from ? $free : $from;
            }
        }
    }

    /** The first second from one on from which a stretch of a crew's hours has so much left in one go; -1 for none. */
    private function leftFor(Crew $crew, int $k, int $seconds, int $start): int
    {
        $closes = $crew->hours->closes[$k];
        for ($n = $this->stretchesOn($crew->gate, $crew->hours->day[$k]); $n >= 0; $n = $this->next[$n]) {
            $begins = $this->from[$n] > $start ? $this->from[$n] : $start;
            if (($this->until[$n] < $closes ? $this->until[$n] : $closes) - $begins >= $seconds) {
                return $begins;
            }
        }

        return -1;
    }

    /** The first stretch of what a gate has left on a day, by number. */
    private function stretchesOn(int $gate, int $day): int
    {
        if ($day < $this->grid->days[$gate]) {
            return $this->grid->first[$gate] + $day;
        }
        $days = $this->gates[$gate]->days;

        return $this->far[$gate][$day] ??= $this->add($days->opens[$day], $days->reach($day), -1);
    }

    /** @return array{array<int, int>, array<int, int>, array<int, int>, array<int, int>} from, until, next and gaps */
    public function left(): array
    {
        return [$this->from, $this->until, $this->next, $this->gaps];
    }

    /**
     * @param  array<int, int>  $from
     * @param  array<int, int>  $until
     * @param  array<int, int>  $next
     * @param  array<int, int>  $gaps
     */
    public function put(array $from, array $until, array $next, array $gaps): void
    {
        [$this->from, $this->until, $this->next, $this->gaps] = [$from, $until, $next, $gaps];
    }

    /** The first second from one on from which all that a crew needs besides is free for so long. */
    public function freeOfOthers(Crew $crew, int $start, int $seconds): int
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

    /** Takes what a crew needs besides its gate. */
    public function bookOthers(Crew $crew, int $start, int $end): void
    {
        for ($n = 0, $count = count($crew->others); $n < $count; $n += 2) {
            $this->book($crew->others[$n], $crew->others[$n + 1], $start, $end);
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
        $n = $this->stretchesOn($gate, $day);
        while ($n >= 0 && $this->until[$n] <= $start) {
            $n = $this->next[$n];
        }
        if ($n >= 0 && $this->from[$n] <= $start && $this->until[$n] < $end) {
            $n = $this->next[$n];
        }

        return $n < 0 ? $this->gates[$gate]->days->closes[$day] : max($start, $this->from[$n]);
    }

    /** Takes a gate's resource within a day. */
    private function take(int $gate, int $start, int $end): void
    {
        $n = $this->stretchesOn($gate, $this->gates[$gate]->days->indexAfter($start));
        while ($n >= 0 && $this->until[$n] < $end) {
            $n = $this->next[$n];
        }
        if ($n < 0 || $this->from[$n] > $start) {
            throw new \LogicException('Nothing is taken that is not free.');
        }
        if ($end === $this->until[$n]) {
            $this->until[$n] = $start;
        } elseif ($start === $this->from[$n]) {
            $this->from[$n] = $end;
        } else {
            $this->next[$n] = $this->add($end, $this->until[$n], $this->next[$n]);
            $this->until[$n] = $start;
        }
    }

    private function give(int $gate, int $start, int $end): void
    {
        $first = $this->stretchesOn($gate, $this->gates[$gate]->days->indexAfter($start));
        [$before, $after] = [-1, $first];
        while ($after >= 0 && $this->until[$after] <= $start) {
            [$before, $after] = [$after, $this->next[$after]];
        }
        $joins = $before >= 0 && $this->until[$before] === $start;
        $meets = $after >= 0 && $this->from[$after] === $end;
        if ($joins) {
            $this->until[$before] = $meets ? $this->until[$after] : $end;
            $this->next[$before] = $meets ? $this->next[$after] : $after;
        } elseif ($meets) {
            $this->from[$after] = $start;
        } elseif ($before >= 0) {
            $this->next[$before] = $this->add($start, $end, $after);
        } else {
            $this->next[$first] = $this->add($this->from[$first], $this->until[$first], $this->next[$first]);
            [$this->from[$first], $this->until[$first]] = [$start, $end];
        }
        $this->forgetGaps($gate, $start, $end);
    }

    /** Of the stretches that something is given back to it is not known any more how little they have left. */
    private function forgetGaps(int $gate, int $start, int $end): void
    {
        $hours = $this->gates[$gate]->hours;
        for ($k = $hours->indexAfter($start); $hours->reach($k) > 0 && $hours->opens[$k] < $end; $k++) {
            if ($hours->day[$k] < $this->grid->days[$gate]) {
                $this->gaps[$this->grid->own[$gate] + $k] = Workload::NEVER;
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
