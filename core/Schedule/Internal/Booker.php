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

    /** How many stretches have been looked at: what the search is budgeted by. */
    public int $looks = 0;

    /** @var array<string, array{int, int}> needs and length of a task => no start for it from … up to … */
    private array $full = [];

    /** @param  array<string, int>  $resources */
    public function __construct(private readonly Calendar $calendar, array $resources)
    {
        foreach ($resources as $name => $capacity) {
            $this->usage[$name] = new Usage($capacity);
        }
    }

    /**
     * @return array{list<array{int, int}>, string|null} the stretches the task runs in, and the piece it last gave way
     *     to
     */
    public function earliest(Task $task, int $from): array
    {
        if ($task->seconds === 0 && $task->takes->needs === []) {
            return [[[$from, $from]], null];
        }
        $gaveWayTo = null;
        $key = $task->grouping->splittable ? null : self::key($task);
        $at = $this->past($key, $from);
        while (true) {
            $this->looks++;
            $runs = $task->grouping->splittable ? $this->split($task, $at)
                : $this->unbroken($task, $at, $gaveWayTo);
            $clash = null;
            foreach ($runs as [$start, $end]) {
                foreach ($task->takes->needs as $resource => $quantity) {
                    $clash ??= $this->usage[$resource]->clash($start, max($end, $start + 1), $quantity);
                }
            }
            if ($clash === null) {
                $this->remember($key, $from, $runs[0][0]);

                return [$runs, $gaveWayTo];
            }
            [$at, $gaveWayTo] = $clash;
        }
    }

    private static function key(Task $task): string
    {
        $key = "$task->seconds {$task->grouping->throughSeconds}";
        foreach ($task->takes->needs as $resource => $quantity) {
            $key .= " $resource $quantity";
        }

        return $key;
    }

    /** The first second from which a task of this kind is worth looking for. */
    private function past(?string $key, int $from): int
    {
        [$full, $until] = $key === null ? [0, 0] : $this->full[$key] ?? [0, 0];

        return $from >= $full && $from < $until ? $until : $from;
    }

    /**
     * Nothing of this kind fits between where it was looked for and where it was found: a stretch that joins on to what
     * is known makes it longer, another takes its place where it is the longer of the two.
     */
    private function remember(?string $key, int $from, int $found): void
    {
        if ($key === null) {
            return;
        }
        [$full, $until] = $this->full[$key] ?? [$from, $from];
        if ($from <= $until && $found > $until) {
            $this->full[$key] = [min($full, $from), $found];
        } elseif ($found - $from > $until - $full) {
            $this->full[$key] = [$from, $found];
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
        if ($bookings !== []) {
            $this->full = [];
        }
    }

    /**
     * When resources held from one second to another clash with what is booked, the first later second from which they
     * are free for the least time they will be held; null when nothing clashes.
     *
     * @param  array<string, int>  $holds
     */
    public function holdClash(array $holds, int $start, int $end, int $leastSeconds): ?int
    {
        foreach ($end > $start ? $holds : [] as $resource => $quantity) {
            $clash = $this->usage[$resource]->clash($start, $end, $quantity);
            if ($clash === null) {
                continue;
            }
            [$from] = $clash;
            while (($clash = $this->usage[$resource]->clash(
                $from, $from + max(1, $leastSeconds), $quantity,
            )) !== null) {
                [$from] = $clash;
            }

            return $from;
        }

        return null;
    }

    /** Whether more working stretches than a week has lie between two seconds. */
    public function isMoreThanAWeek(int $from, int $to): bool
    {
        $stretches = $this->calendar->indexAfter($to) - $this->calendar->indexAfter($from);

        return $stretches > $this->calendar->hours->stretchesAWeek() + 1;
    }

    /** Whether the shop is closed, out of its usual week, on some day between two seconds. */
    public function isClosedBetween(int $from, int $to): bool
    {
        return $this->calendar->hours->isClosedBetween($from, $to);
    }

    /** @return list<array{int, int}> */
    private function unbroken(Task $task, int $from, ?string &$gaveWayTo): array
    {
        $calendar = $this->calendar->through($task->grouping->throughSeconds);
        for ($i = $calendar->indexAfter($from); ; $i++) {
            [$opens, $closes] = $calendar->stretch($i);
            $start = max($from, $opens);
            if ($start + $task->seconds <= $closes && $this->hasGap($task, $opens, $closes, $gaveWayTo)) {
                return [[$start, $start + $task->seconds]];
            }
        }
    }

    private function hasGap(Task $task, int $opens, int $closes, ?string &$gaveWayTo): bool
    {
        foreach ($task->takes->needs as $resource => $quantity) {
            [$gap, $who] = $this->usage[$resource]->longestGap($opens, $closes);
            if ($gap < $task->seconds) {
                $gaveWayTo = $who;

                return false;
            }
        }

        return true;
    }

    /** @return list<array{int, int}> */
    private function split(Task $task, int $from): array
    {
        $runs = [];
        $seconds = $task->seconds;
        $calendar = $this->calendar->through($task->grouping->throughSeconds);
        for ($i = $calendar->indexAfter($from); $runs === [] || $seconds > 0; $i++) {
            [$opens, $closes] = $calendar->stretch($i);
            $start = max($from, $opens);
            $run = min($seconds, $closes - $start);
            $runs[] = [$start, $start + $run];
            $seconds -= $run;
        }

        return $runs;
    }
}
