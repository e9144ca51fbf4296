<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Schedule\Internal\Because;
use HonestGrain\Schedule\Internal\Booker;
use HonestGrain\Schedule\Internal\Calendar;
use HonestGrain\Schedule\Internal\LowerBound;
use HonestGrain\Schedule\Internal\PiecePlacer;

/**
 * Places whole pieces one after another: first those with a window already running, then by due date,
 * weight and the order given. Later pieces fill the gaps that earlier ones leave while they wait.
 *
 * Never starts a task before a least wait is over and never puts hands-on work outside hours. A window
 * that an empty shop could keep is kept, at the price of a later start; the others are reported. Uses
 * no chance, so the seed changes nothing.
 */
final readonly class EarliestDueFirst implements Scheduler
{
    public function plan(Problem $problem): Plan
    {
        $began = hrtime(true);
        $calendar = new Calendar($problem->hours, $problem->start);
        $booker = new Booker($calendar, $problem->resources);
        $names = array_combine(array_map(fn (Job $job): string => $job->id, $problem->jobs), array_map(fn (Job $job): string => $job->name, $problem->jobs));
        $tasks = $broken = $late = [];
        $lateness = 0.0;
        foreach ($this->inOrder($problem->jobs) as $job) {
            $unkeepable = PiecePlacer::unkeepable(new Booker($calendar, $problem->resources), $problem->clock, $problem->start, $job);
            [$placed, $missed] = (new PiecePlacer($booker, $problem->clock, $problem->start, $job, $unkeepable))->place();
            $tasks = [...$tasks, ...$placed];
            $broken = [...$broken, ...$missed];
            $end = max([$problem->start, ...array_map(fn (PlacedTask $task): int => $task->end, $placed)]);
            if ($job->due !== null && $placed !== [] && $end > $job->due) {
                $hours = ($end - $job->due) / 3600;
                $late[] = new LatePiece($job->id, $hours, Because::of($placed, $names));
                $lateness += $job->weight * $hours;
            }
        }
        usort($tasks, fn (PlacedTask $a, PlacedTask $b): int => [$a->start, $a->end, $a->piece] <=> [$b->start, $b->end, $b->piece]);
        $finish = max([$problem->start, ...array_map(fn (PlacedTask $task): int => $task->end, $tasks)]);

        return new Plan($tasks, $broken, $late, $finish, LowerBound::of($problem, $calendar), $lateness, $this->setups($tasks), (hrtime(true) - $began) / 1e6);
    }

    /**
     * @param  list<Job>  $jobs
     * @return list<Job>
     */
    private function inOrder(array $jobs): array
    {
        $rank = function (Job $job): array {
            $windows = array_filter(array_map(fn (Task $task): ?int => $task->notAfter, $job->tasks), is_int(...));

            return [$windows === [] ? PHP_INT_MAX : min($windows), $job->due ?? PHP_INT_MAX, -$job->weight];
        };
        $keys = array_keys($jobs);
        usort($keys, fn (int $a, int $b): int => [...$rank($jobs[$a]), $a] <=> [...$rank($jobs[$b]), $b]);

        return array_map(fn (int $key): Job => $jobs[$key], $keys);
    }

    /** @param  list<PlacedTask>  $tasks in order of time */
    private function setups(array $tasks): int
    {
        $setups = 0;
        $current = null;
        foreach ($tasks as $placed) {
            if ($placed->task->batch !== null && $placed->task->batch !== $current) {
                $setups++;
                $current = $placed->task->batch;
            }
        }

        return $setups;
    }
}
