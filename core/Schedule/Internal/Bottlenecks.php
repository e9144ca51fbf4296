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
        $users = $holders = $held = [];
        foreach ($problem->jobs as $job) {
            foreach ($job->tasks as $task) {
                foreach ($task->takes->needs as $name => $quantity) {
                    $users[$name][] = $task;
                }
                foreach (self::heldBy($task) as $name) {
                    $held[$name] = true;
                    $holders[$name][] = $task;
                }
            }
        }
        // Nobody waits for the shorter one alone where each of its users waits for the other anyway.
        $names = array_map(strval(...), array_keys($users + $held));
        $kept = $names;
        foreach ($names as $name) {
            foreach (array_diff($kept, [$name]) as $other) {
                if (self::takesWhole($users[$name] ?? [], $other, $problem->resources[$other])
                    && self::holdsWhole($holders[$name] ?? [], $name, $other, $problem->resources[$other])) {
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

    /**
     * Whether all that holds something holds the whole of something else for as long.
     *
     * @param  list<Task>  $holders
     */
    private static function holdsWhole(array $holders, string $name, string $other, int $capacity): bool
    {
        foreach ($holders as $task) {
            $both = [$task->takes->holds, $task->takes->heldNow];
            foreach ($task->takes->keeps as $hold) {
                $both[serialize([$hold->until, $hold->for])][$hold->resource] = $hold->quantity;
            }
            foreach ($both as $held) {
                if (isset($held[$name]) && 2 * ($held[$other] ?? 0) <= $capacity) {
                    return false;
                }
            }
        }

        return true;
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
