<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Coating\CureClock;
use HonestGrain\Schedule\Exception\Unplaceable;

/** All pieces of a workshop, its hours and its resources: what a scheduler is given. */
final readonly class Problem
{
    /**
     * @param  array<string, int>  $resources
     * @param  list<Job>  $jobs
     */
    private function __construct(
        public int $start,
        public WorkingHours $hours,
        public array $resources,
        public array $jobs,
        public ?CureClock $clock,
        public int $seed,
        public int $budgetMs,
    ) {
    }

    /**
     * @param  array<string, int>  $resources
     * @param  list<Job>  $jobs
     * @param  CureClock|null  $clock  the shop's air, for waits with kinetics
     *
     * @throws Unplaceable when a task can never fit the hours or the resources
     */
    public static function of(
        int $start,
        WorkingHours $hours,
        array $resources,
        array $jobs,
        ?CureClock $clock = null,
        int $seed = 1,
        int $budgetMs = 1000,
    ): self {
        $longest = $hours->longestStretchSeconds();
        foreach ($jobs as $job) {
            foreach ($job->tasks as $task) {
                $kept = [];
                foreach ($task->takes->keeps as $hold) {
                    $kept[$hold->resource] = max($kept[$hold->resource] ?? 0, $hold->quantity);
                }
                foreach (
                    [
                        'needs' => $task->takes->needs, 'holds' => $task->takes->holds,
                        'keeps' => $kept + $task->takes->heldNow,
                    ] as $use => $quantities
                ) {
                    foreach ($quantities as $resource => $quantity) {
                        if ($quantity > ($resources[$resource] ?? 0)) {
                            throw Unplaceable::resource(
                                "$task->field.$use.$resource", $resource, $quantity, $resources[$resource] ?? 0,
                            );
                        }
                    }
                }
                if ($task->seconds > 0 && $longest === 0) {
                    throw Unplaceable::noHours();
                }
                $most = $task->grouping->throughSeconds === 0 ? $longest
                    : $hours->through($task->grouping->throughSeconds)->longestStretchSeconds();
                if ($task->seconds > $most && ! $task->grouping->splittable) {
                    throw Unplaceable::tooLong("$task->field.minutes", $task->seconds / 60, $most / 60);
                }
            }
        }

        return new self(
            start: $start, hours: $hours, resources: $resources, jobs: $jobs, clock: $clock, seed: $seed,
            budgetMs: $budgetMs,
        );
    }
}
