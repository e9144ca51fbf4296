<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Problem;

/**
 * A finish that no schedule can beat: the longest piece alone in an empty shop, or all the work of
 * the scarcest resource back to back, whichever is later.
 *
 * @internal
 */
final class LowerBound
{
    public static function of(Problem $problem, Calendar $calendar): int
    {
        $empty = new Booker($calendar, $problem->resources);
        $bound = $problem->start;
        $work = [];
        foreach ($problem->jobs as $job) {
            $ends = [];
            foreach ($job->tasks as $task) {
                $opens = max($problem->start, $task->bounds->notBefore ?? 0);
                foreach ($task->after as $lag) {
                    $opens = max($opens, $lag->wait->opens($ends[$lag->task], $problem->clock));
                }
                [$runs] = $empty->earliest($task, $opens);
                $ends[$task->id] = $runs[count($runs) - 1][1];
                $bound = max($bound, $ends[$task->id]);
                foreach ($task->takes->needs as $resource => $quantity) {
                    $work[$resource] = ($work[$resource] ?? 0) + $quantity * $task->seconds;
                }
            }
        }
        foreach ($work as $resource => $seconds) {
            $bound = max(
                $bound, self::workedOff($problem->start, intdiv($seconds, $problem->resources[$resource]), $calendar),
            );
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
