<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Bound;

/**
 * What no plan can beat. A finish: the longest piece alone in an empty shop, or all the work of the scarcest resource
 * back to back, whichever is later. A lateness: that of each piece alone.
 *
 * @internal
 */
final readonly class LowerBound
{
    /** In a larger shop the lateness of pieces alone says little of what might be saved, but where it nearly is all. */
    private const MOST_TASKS = 120;

    private const TIGHT = 0.98;

    private const SAME_SECONDS = 1.0;

    public function __construct(private Workload $work, private WaitTimes $waits, private Alone $alone)
    {
    }

    public function of(Cost $cost): Bound
    {
        $ends = $this->ends();
        $work = $this->work;
        $late = 0.0;
        $finish = $work->problem->start;
        $isSure = true;
        for ($piece = 0; $piece < $work->pieces(); $piece++) {
            [$first, $next] = $work->range($piece);
            $end = $next > $first ? max(array_slice($ends, $first, $next - $first) ?: [0]) : $work->problem->start;
            if ($work->isChain($piece) && $this->alone->ways[$piece] === [[]]) {
                // One order, every window kept: it cannot end before it does alone.
                $end = max($end, $this->alone->ends[$piece]);
            } elseif ($this->alone->ways[$piece] !== [[]]) {
                $isSure = $isSure && $work->isChain($piece);
            }
            $finish = max($finish, $end);
            $late += max(0, $end - $work->due[$piece]) * $work->weight[$piece];
        }
        $isReached = $isSure && $cost->broken <= $this->alone->broken && $cost->late <= $late + self::SAME_SECONDS;
        $isSmall = count($work->tasks) <= self::MOST_TASKS;

        return new Bound(
            max($finish, $this->together()), $late / 3600, $isReached,
            match (true) {
                $isReached => 0.0,
                $cost->late > 0 && ($isSmall || $late > self::TIGHT * $cost->late) => max(0.0, 1 - $late / $cost->late),
                default => null,
            },
        );
    }

    /**
     * Each task as soon as its own waits allow in somebody's hours, as if nothing else were to be done.
     *
     * @return array<int, int> task => second (UTC)
     */
    private function ends(): array
    {
        $work = $this->work;
        $empty = new Timetable($work->capacity, $work->gates, $work->grid);
        $ends = [];
        foreach (array_keys($work->seconds) as $t) {
            $opens = $work->notBefore[$t];
            foreach ($work->before[$t] as [$earlier, $least, , $wait]) {
                $opens = max(
                    $opens, $wait < 0 ? $ends[$earlier] + $least : $this->waits->opens($wait, $ends[$earlier]),
                );
            }
            $ends[$t] = $work->isInstant[$t] ? $opens : Workload::NEVER;
            foreach ($work->isInstant[$t] ? [] : $work->crews[$t] as $crew) {
                $ends[$t] = min($ends[$t], self::endOf($work, $t, $crew, $opens, $empty));
            }
        }

        return $ends;
    }

    private static function endOf(Workload $work, int $t, Crew $crew, int $opens, Timetable $empty): int
    {
        $seconds = $work->seconds[$t];
        $runs = $work->splits[$t] ? $crew->runs($seconds, $opens) : [];

        return $runs === [] ? $empty->earliest($crew, $seconds, $opens) + $seconds : $runs[count($runs) - 1][1];
    }

    /** All the work of a resource back to back in the shop's hours; of people each has hours of their own. */
    private function together(): int
    {
        $work = $this->work;
        $seconds = [];
        foreach ($work->problem->people !== [] ? [] : $work->tasks as $task) {
            foreach ($task->takes->needs as $resource => $quantity) {
                $through = $task->grouping->throughSeconds;
                $seconds[$resource][$through] = ($seconds[$resource][$through] ?? 0) + $quantity * $task->seconds;
            }
        }
        $bound = $work->problem->start;
        foreach ($seconds as $resource => $byBreak) {
            $calendar = $work->calendar->through(max(array_keys($byBreak)));
            $each = intdiv(array_sum($byBreak), $work->problem->resources[$resource]);
            $bound = max($bound, self::workedOff($work->problem->start, $each, $calendar));
        }

        return $bound;
    }

    private static function workedOff(int $from, int $seconds, Calendar $calendar): int
    {
        for ($i = $calendar->indexAfter($from); $seconds > 0; $i++) {
            [$opens, $closes] = $calendar->stretch($i);
            $start = max($from, $opens);
            $from = $start + min($seconds, $closes - $start);
            $seconds -= $from - $start;
        }

        return $from;
    }
}
