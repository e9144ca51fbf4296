<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Task;

/**
 * Finds and books the earliest working time that a task fits, given what is booked already.
 *
 * @internal
 */
final class Booker
{
    /** @var array<string, Usage> */
    private array $usage = [];

    private int $lastEnd = 0;

    /** @param  array<string, int>  $resources */
    public function __construct(private readonly Calendar $calendar, array $resources)
    {
        foreach ($resources as $name => $capacity) {
            $this->usage[$name] = new Usage($capacity);
        }
    }

    /**
     * @return array{list<array{int, int}>, string|null} the stretches the task runs in, and the piece it last gave way to
     */
    public function earliest(Task $task, int $from): array
    {
        if ($task->seconds === 0 && $task->needs === []) {
            return [[[$from, $from]], null];
        }
        $gaveWayTo = null;
        $at = $from;
        while (true) {
            $runs = $task->splittable ? $this->split($at, $task->seconds) : $this->unbroken($at, $task->seconds);
            $clash = null;
            foreach ($runs as [$start, $end]) {
                foreach ($task->needs as $resource => $quantity) {
                    $clash ??= $this->usage[$resource]->clash($start, max($end, $start + 1), $quantity);
                }
            }
            if ($clash === null) {
                return [$runs, $gaveWayTo];
            }
            [$at, $gaveWayTo] = $clash;
        }
    }

    /**
     * @param  array<string, int>  $quantities
     * @param  list<array{int, int}>  $runs
     * @return list<array{string, int, int, int}> what to hand back to release()
     */
    public function book(array $quantities, array $runs, string $piece): array
    {
        $bookings = [];
        foreach ($runs as [$start, $end]) {
            $this->lastEnd = max($this->lastEnd, $end);
            foreach ($end > $start ? $quantities : [] as $resource => $quantity) {
                $bookings[] = [$resource, $this->usage[$resource]->book($start, $end, $quantity, $piece), $start, $end];
            }
        }

        return $bookings;
    }

    /** After this second nothing has ever been booked, UTC; 0 when nothing has been. */
    public function lastEnd(): int
    {
        return $this->lastEnd;
    }

    /** @param  list<array{string, int, int, int}>  $bookings */
    public function release(array $bookings): void
    {
        foreach ($bookings as [$resource, $id, $start, $end]) {
            $this->usage[$resource]->release($id, $start, $end);
        }
    }

    /**
     * When resources held over a wait first clash, the second at which they come free.
     *
     * @param  array<string, int>  $holds
     */
    public function holdClash(array $holds, int $start, int $end): ?int
    {
        foreach ($end > $start ? $holds : [] as $resource => $quantity) {
            $clash = $this->usage[$resource]->clash($start, $end, $quantity);
            if ($clash !== null) {
                return $clash[0];
            }
        }

        return null;
    }

    /** Whether more working stretches than a week has lie between two seconds. */
    public function isMoreThanAWeek(int $from, int $to): bool
    {
        return $this->calendar->indexAfter($to) - $this->calendar->indexAfter($from) > $this->calendar->hours->stretchesAWeek() + 1;
    }

    /** @return list<array{int, int}> */
    private function unbroken(int $from, int $seconds): array
    {
        for ($i = $this->calendar->indexAfter($from); ; $i++) {
            [$opens, $closes] = $this->calendar->stretch($i);
            $start = max($from, $opens);
            if ($start + $seconds <= $closes) {
                return [[$start, $start + $seconds]];
            }
        }
    }

    /** @return list<array{int, int}> */
    private function split(int $from, int $seconds): array
    {
        $runs = [];
        for ($i = $this->calendar->indexAfter($from); $runs === [] || $seconds > 0; $i++) {
            [$opens, $closes] = $this->calendar->stretch($i);
            $start = max($from, $opens);
            $run = min($seconds, $closes - $start);
            $runs[] = [$start, $start + $run];
            $seconds -= $run;
        }

        return $runs;
    }
}
