<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Coating\CureClock;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Exception\Unplaceable;
use HonestGrain\Schedule\Internal\Calendar;
use HonestGrain\Words\Said;

/** All pieces of a workshop, its hours and its resources: what a scheduler is given. */
final readonly class Problem
{
    /** The resource that people are: as many as there are of them, each in hours of their own. */
    public const HANDS = 'turner';

    /**
     * @param  array<string, int>  $resources
     * @param  list<Job>  $jobs
     * @param  list<Person>  $people  none: as many alike as there are hands, all in the shop's hours
     */
    private function __construct(
        public int $start,
        public WorkingHours $hours,
        public array $resources,
        public array $jobs,
        public ?CureClock $clock,
        public Budget $budget,
        public array $people,
        public Standing $standing,
    ) {
    }

    /**
     * @param  array<string, int>  $resources
     * @param  list<Job>  $jobs
     * @param  CureClock|null  $clock  the shop's air, for waits with kinetics
     * @param  list<Person>  $people  who works here; none: the shop's hands, in the shop's hours
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
        array $people = [],
    ): self {
        if ($people !== []) {
            $resources[self::HANDS] = count($people);
        }
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
                $most = 0;
                foreach (self::hoursFor($task, $hours, $people) as $when) {
                    $most = max($most, $when->through($task->grouping->throughSeconds)->longestStretchSeconds());
                }
                if ($task->seconds > 0 && $most === 0) {
                    throw Unplaceable::noHours();
                }
                if ($task->seconds > $most && ! $task->grouping->splittable) {
                    throw Unplaceable::tooLong("$task->field.minutes", $task->seconds / 60, $most / 60);
                }
            }
        }

        return new self(
            start: $start, hours: $hours, resources: $resources, jobs: $jobs, clock: $clock,
            budget: new Budget($budgetMs, $seed), people: $people, standing: new Standing,
        );
    }

    /**
     * The same with tasks that start when they are said to, as far as what is before them lets them.
     *
     * @param  list<Pin>  $pinned
     *
     * @throws InvalidField for a pin of what is not there, in the past or outside the hours of all who may do it
     */
    public function withPinned(array $pinned): self
    {
        foreach ($pinned as $pin) {
            $task = $this->task($pin);
            if ($pin->start < $this->start) {
                throw InvalidField::because(
                    "$pin->field.start", gmdate('Y-m-d\TH:i:s\Z', $pin->start), new Said('schedule.problem.pin-passed'),
                );
            }
            if ($task->seconds > 0 && ! $this->isWithinHours($task, $pin->start)) {
                throw InvalidField::because(
                    "$pin->field.start", gmdate('Y-m-d\TH:i:s\Z', $pin->start),
                    new Said('schedule.problem.pin-outside-hours'),
                );
            }
        }

        return $this->copy(new Standing($pinned, $this->standing->last, $this->standing->questions), $this->budget);
    }

    /**
     * The same after a plan: what it had near at hand is moved only where that is worth it.
     *
     * @param  list<Pin>  $last  what is no longer there is passed over
     */
    public function after(array $last): self
    {
        return $this->copy(new Standing($this->standing->pinned, $last, $this->standing->questions), $this->budget);
    }

    /** The same with a plan that says more. */
    public function asked(Questions $questions): self
    {
        return $this->copy(new Standing($this->standing->pinned, $this->standing->last, $questions), $this->budget);
    }

    /** The same with a search counted in tasks placed, so that it comes out alike on every machine. */
    public function counted(int $looks): self
    {
        return $this->copy($this->standing, new Budget($this->budget->milliseconds, $this->budget->seed, $looks));
    }

    /** @return array<string, true> pieces that go behind others, and those others */
    public function ordered(): array
    {
        $ordered = [];
        $ids = array_column($this->jobs, null, 'id');
        foreach ($this->jobs as $job) {
            if ($job->behind !== null && isset($ids[$job->behind])) {
                $ordered[$job->id] = $ordered[$job->behind] = true;
            }
        }

        return $ordered;
    }

    /** How many tasks there are in all. */
    public function size(): int
    {
        return array_sum(array_map(fn (Job $job): int => count($job->tasks), $this->jobs));
    }

    private function copy(Standing $standing, Budget $budget): self
    {
        return new self(
            start: $this->start, hours: $this->hours, resources: $this->resources, jobs: $this->jobs,
            clock: $this->clock, budget: $budget, people: $this->people, standing: $standing,
        );
    }

    private function task(Pin $pin): Task
    {
        foreach ($this->jobs as $job) {
            if ($job->id === $pin->piece) {
                foreach ($job->tasks as $task) {
                    if ($task->id === $pin->task) {
                        return $task;
                    }
                }

                throw InvalidField::choice(
                    "$pin->field.task", $pin->task, array_map(fn (Task $task): string => $task->id, $job->tasks),
                );
            }
        }

        throw InvalidField::choice(
            "$pin->field.piece", $pin->piece, array_map(fn (Job $job): string => $job->id, $this->jobs),
        );
    }

    private function isWithinHours(Task $task, int $start): bool
    {
        foreach (self::hoursFor($task, $this->hours, $this->people) as $hours) {
            // From the day before: a stretch may go on past midnight.
            $calendar = new Calendar($hours->through($task->grouping->throughSeconds), $start - 86_400);
            [$opens, $closes] = $calendar->stretch($calendar->indexAfter($start));
            if ($opens <= $start && ($task->grouping->splittable || $start + $task->seconds <= $closes)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The crews that may do a task: every so many of those who can.
     *
     * @return list<list<Person>>
     */
    public function crewsFor(Task $task): array
    {
        return self::crews($task, $this->people);
    }

    /**
     * The hours of each that may do it.
     *
     * @param  list<Person>  $people
     * @return non-empty-list<WorkingHours>
     *
     * @throws Unplaceable where there are too few that can
     */
    private static function hoursFor(Task $task, WorkingHours $hours, array $people): array
    {
        $hands = $task->takes->needs[self::HANDS] ?? 0;
        if ($people === [] || $hands === 0) {
            return [$hours];
        }
        $crews = self::crews($task, $people);
        if ($crews === []) {
            throw Unplaceable::skill($task->field, $hands, $task->takes->can);
        }

        $shared = [];
        foreach ($crews as $crew) {
            $each = array_map(fn (Person $person): WorkingHours => $person->hours, $crew);
            $shared[] = $each === [] ? $hours : WorkingHours::shared($each);
        }

        return $shared;
    }

    /**
     * @param  list<Person>  $people
     * @return list<list<Person>>
     */
    private static function crews(Task $task, array $people): array
    {
        $crews = [[]];
        for ($n = $task->takes->needs[self::HANDS] ?? 0; $n > 0; $n--) {
            $more = [];
            foreach ($crews as $crew) {
                $last = $crew === [] ? -1 : (int) array_search($crew[count($crew) - 1], $people, true);
                foreach (array_slice($people, $last + 1) as $person) {
                    if ($person->may($task->takes->can)) {
                        $more[] = [...$crew, $person];
                    }
                }
            }
            $crews = $more;
        }

        return $crews;
    }
}
