<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * When a task can begin: the first second at which somebody who may do it is there and all that it needs is free.
 *
 * @internal
 */
final class Openings
{
    /** When the crew that was found last can begin. */
    private int $begins = 0;

    public function __construct(private readonly Workload $work, private readonly Timetable $timetable)
    {
    }

    /** @return array{int, int, int} start, end and crew: the first second from one on at which a task can begin */
    public function earliest(int $t, int $from): array
    {
        $work = $this->work;
        $seconds = $work->seconds[$t];
        $crews = $work->crews[$t];
        if ($work->isInstant[$t]) {
            return [$from, $from, 0];
        }
        if ($work->splits[$t]) {
            return $this->earliestSplit($t, $from);
        }
        $crew = 0;
        if (isset($crews[1])) {
            $crew = $this->soonest($crews, $seconds, $from);
            $start = $this->begins;
        } else {
            $start = $this->timetable->earliest($crews[0], $seconds, $from);
        }

        return [$start, $start + $seconds, $crew];
    }

    /**
     * Which of several crews can begin first.
     *
     * @param  non-empty-list<Crew>  $crews
     */
    public function soonest(array $crews, int $seconds, int $from): int
    {
        $crew = 0;
        $start = $this->timetable->earliest($crews[0], $seconds, $from);
        for ($c = 1, $count = count($crews); $c < $count && $start > $from; $c++) {
            $other = $this->timetable->earliest($crews[$c], $seconds, $from, $start - 1);
            if ($other >= 0) {
                $start = $other;
                $crew = $c;
            }
        }
        $this->begins = $start;

        return $crew;
    }

    /** @return array{int, int, int} */
    private function earliestSplit(int $t, int $from): array
    {
        $best = null;
        foreach ($this->work->crews[$t] as $c => $crew) {
            $at = $from;
            do {
                $runs = $crew->runs($this->work->seconds[$t], $at);
                $free = $at;
                foreach ($runs as [$start, $end]) {
                    for ($n = 0, $count = count($crew->needs); $n < $count && $free === $at; $n += 2) {
                        $clear = $this->timetable->freeFrom($crew->needs[$n], $crew->needs[$n + 1], $start, $end);
                        $free = $clear === $start ? $at : $clear;
                    }
                }
                [$at, $again] = [$free, $free !== $at];
            } while ($again);
            if ($best === null || $runs[0][0] < $best[0]) {
                $best = [$runs[0][0], $runs[count($runs) - 1][1], $c];
            }
        }

        return $best ?? [$from, $from, 0];
    }

    /** Whether a task can begin at a second, with all that it needs. */
    public function isFree(int $t, int $at, int $crew): bool
    {
        $by = $this->work->crews[$t][$crew];
        $k = $by->hours->indexAfter($at);
        $ends = $this->work->splits[$t] ? $at : $at + $this->work->seconds[$t];
        if (! $this->work->isInstant[$t] && ($by->hours->opens[$k] > $at || $by->hours->closes[$k] < $ends)) {
            return false;
        }
        foreach ($this->work->splits[$t] ? $by->runs($this->work->seconds[$t], $at) : [[
            $at, $at + max(1, $this->work->seconds[$t]),
        ]] as [$start, $end]) {
            for ($n = 0, $count = count($by->needs); $n < $count; $n += 2) {
                if ($this->timetable->freeFrom($by->needs[$n], $by->needs[$n + 1], $start, $end) !== $start) {
                    return false;
                }
            }
        }

        return true;
    }
}
