<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;

/**
 * The resources of which there may be too little: not one that nobody takes, nor one that is only ever taken together
 * with the whole of another, as the lathe is with the one who stands at it.
 *
 * @internal
 */
final class Bottlenecks
{
    /** @return array{list<string>, array<string, true>} their names, and those that are held over a wait */
    public static function of(Problem $problem): array
    {
        $users = $held = [];
        foreach ($problem->jobs as $job) {
            foreach ($job->tasks as $task) {
                foreach ($task->takes->needs as $name => $quantity) {
                    $users[$name][] = $task;
                }
                foreach (self::heldBy($task) as $name) {
                    $held[$name] = true;
                }
            }
        }
        // Nobody waits for the shorter one alone where each of its users waits for the other anyway.
        $names = array_map(strval(...), array_keys($users + $held));
        $kept = $names;
        foreach (array_diff($names, array_map(strval(...), array_keys($held))) as $name) {
            foreach (array_diff($kept, [$name]) as $other) {
                if (self::takesWhole($users[$name], $other, $problem->resources[$other])) {
                    $kept = array_diff($kept, [$name]);

                    break;
                }
            }
        }

        return [array_values($kept), $held];
    }

    /** @return list<string> */
    private static function heldBy(Task $task): array
    {
        $held = [...array_keys($task->takes->holds), ...array_keys($task->takes->heldNow)];
        foreach ($task->takes->keeps as $hold) {
            $held[] = $hold->resource;
        }

        return array_map(strval(...), $held);
    }

    /** @param  list<Task>  $users */
    private static function takesWhole(array $users, string $other, int $capacity): bool
    {
        foreach ($users as $task) {
            if (2 * ($task->takes->needs[$other] ?? 0) <= $capacity) {
                return false;
            }
        }

        return true;
    }
}
