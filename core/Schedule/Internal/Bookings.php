<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Books in a timetable what tasks need while they run, and what they hold before and after, or hands it back.
 *
 * @internal
 */
final readonly class Bookings
{
    /** Nothing is kept idle for longer than from an evening to the morning after, where it need not be. */
    public const IDLE_SECONDS = 15 * 3600;

    public function __construct(private Workload $work, private WaitTimes $waits, private Timetable $timetable)
    {
    }

    /** Books what a task needs while it runs, or (by less than nothing) hands it back. */
    public function needs(int $t, int $start, int $crew, int $sign): void
    {
        $by = $this->work->crews[$t][$crew];
        $runs = $this->work->splits[$t] ? $by->runs($this->work->seconds[$t], $start)
            : [[$start, $start + $this->work->seconds[$t]]];
        foreach ($runs as [$from, $to]) {
            for ($n = 0, $count = count($by->needs); $n < $count; $n += 2) {
                $this->timetable->book($by->needs[$n], $sign * $by->needs[$n + 1], $from, $to);
            }
        }
    }

    /** When a task ends that starts at a second, second (UTC). */
    public function endOf(int $t, int $start, int $crew): int
    {
        $runs = $this->work->splits[$t] ? $this->work->crews[$t][$crew]->runs($this->work->seconds[$t], $start) : [];

        return $runs === [] ? $start + $this->work->seconds[$t] : $runs[count($runs) - 1][1];
    }

    /**
     * Books what is held until a task starts and after its end, or hands it back.
     *
     * @param  array<int, int>  $ends  by task
     * @return int second (UTC) until which it holds something
     */
    public function hold(int $t, int $start, int $end, int $sign, array $ends): int
    {
        $work = $this->work;
        $table = $this->timetable;
        $last = $end;
        foreach ($work->heldFor[$t] as [$holder, $resource, $quantity]) {
            $table->book($resource, $sign * $quantity, $ends[$holder], $start);
        }
        foreach ($work->holdsAfter[$t] as [$resource, $quantity, $wait]) {
            $until = $this->waits->opens($wait, $end);
            $table->book($resource, $sign * $quantity, $end, $until);
            $last = max($last, $until);
        }
        foreach ($work->heldNow[$t] as [$resource, $quantity]) {
            $table->book($resource, $sign * $quantity, $work->problem->start, $start);
        }

        return $last;
    }

    /**
     * Whether what is held until a task starts, and after its end, is free for so long.
     *
     * @param  array<int, int>  $ends  by task
     */
    public function canHold(int $t, int $start, int $end, array $ends): bool
    {
        $table = $this->timetable;
        foreach ($this->work->heldFor[$t] as [$holder, $resource, $quantity, $notIdle]) {
            $from = $ends[$holder];
            if ($from < $start && ($notIdle && $start - $from > self::IDLE_SECONDS
                || $table->freeFrom($resource, $quantity, $from, $start) !== $from)) {
                return false;
            }
        }
        foreach ($this->work->holdsAfter[$t] as [$resource, $quantity, $wait]) {
            $until = $this->waits->opens($wait, $end);
            if ($until > $end && $table->freeFrom($resource, $quantity, $end, $until) !== $end) {
                return false;
            }
        }

        return true;
    }

    /**
     * The same, and what it will have from its end on for the least time that this takes.
     *
     * @param  array<int, int>  $ends  by task
     */
    public function canBegin(int $t, int $start, int $end, array $ends): bool
    {
        foreach ($this->work->ahead[$t] as [$resource, $quantity, $seconds]) {
            if ($this->timetable->freeFor($resource, $quantity, $end, $seconds) !== $end) {
                return false;
            }
        }

        return $this->canHold($t, $start, $end, $ends);
    }
}
