<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Exception\CyclicTasks;
use HonestGrain\Words\Said;

/** A piece as the scheduler sees it: its tasks in an order that respects every predecessor, and when it is due. */
final readonly class Job
{
    /** @param  list<Task>  $tasks */
    private function __construct(
        public string $id,
        public string $name,
        public ?int $due,
        public float $weight,
        public array $tasks,
        public bool $sequential,
        public ?string $behind,
    ) {
    }

    /**
     * @param  int|null  $due  second (UTC)
     * @param  list<Task>  $tasks
     * @param  string|null  $name  what the maker calls the piece; its id where not given
     * @param  string|null  $behind  the piece that is taken up first wherever both could be
     *
     * @throws InvalidField for an unknown predecessor or two tasks of one name
     * @throws CyclicTasks
     */
    public static function of(
        string $id,
        ?int $due,
        float $weight,
        array $tasks,
        string $field = 'piece',
        ?string $name = null,
        ?string $behind = null,
    ): self {
        $byId = [];
        $holding = false;
        foreach ($tasks as $i => $task) {
            if (isset($byId[$task->id])) {
                throw InvalidField::because(
                    "$field.tasks.$i.id", $task->id, new Said('schedule.job.name-of-its-own'),
                );
            }
            $byId[$task->id] = $task;
            $holding = $holding || $task->takes->holds !== [];
        }
        foreach ($tasks as $i => $task) {
            foreach ($task->after as $k => $lag) {
                if (! isset($byId[$lag->task])) {
                    throw InvalidField::choice(
                        "$field.tasks.$i.after.$k.task", $lag->task, array_map(strval(...), array_keys($byId)),
                    );
                }
            }
            foreach ($task->takes->keeps as $k => $hold) {
                if ($hold->until !== null && ! isset($byId[$hold->until])) {
                    throw InvalidField::choice(
                        "$field.tasks.$i.keeps.$k.until", $hold->until, array_map(strval(...), array_keys($byId)),
                    );
                }
            }
        }

        return new self(
            id: $id, name: $name ?? $id, due: $due, weight: $weight, tasks: self::ordered($tasks, $field),
            sequential: $holding, behind: $behind,
        );
    }

    /** When the first window that runs already closes, second (UTC). */
    public function closesFirst(): ?int
    {
        $closes = null;
        foreach ($this->tasks as $task) {
            $closes = $task->bounds->notAfter === null ? $closes : min($closes ?? PHP_INT_MAX, $task->bounds->notAfter);
        }

        return $closes;
    }

    /** Whether it holds something already, such as the lathe that one of its parts is mounted on. */
    public function holdsNow(): bool
    {
        foreach ($this->tasks as $task) {
            if ($task->takes->heldNow !== []) {
                return true;
            }
        }

        return false;
    }

    /** All its hands-on work. */
    public function workSeconds(): int
    {
        return array_sum(array_map(fn (Task $task): int => $task->seconds, $this->tasks));
    }

    /** Its longest chain of work and least waits, day and night, at reference climate. */
    public function longestSeconds(): int
    {
        $ends = [0];
        foreach ($this->tasks as $task) {
            $from = 0;
            foreach ($task->after as $lag) {
                $from = max($from, $ends[$lag->task] + (int) ($lag->wait->minHours * 3600));
            }
            $ends[$task->id] = $from + $task->seconds;
        }

        return max($ends);
    }

    /** Whether any of its waits must end by a certain time. */
    public function hasWindows(): bool
    {
        foreach ($this->tasks as $task) {
            foreach ($task->after as $lag) {
                if ($lag->wait->maxHours !== null) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Runs every wait from a moment, so that one that never ends in this air is found here and not
     * in the middle of a plan for all pieces.
     *
     * @throws Stalled
     */
    public function checkWaits(int $from, CureClock $clock): void
    {
        foreach ($this->tasks as $task) {
            foreach ($task->after as $lag) {
                $lag->wait->opens($from, $clock);
            }
        }
    }

    /**
     * Predecessors first, otherwise in the order given.
     *
     * @param  list<Task>  $tasks
     * @return list<Task>
     *
     * @throws CyclicTasks
     */
    private static function ordered(array $tasks, string $field): array
    {
        $ordered = $placed = [];
        $open = $tasks;
        while ($open !== []) {
            $rest = [];
            foreach ($open as $task) {
                $ready = true;
                foreach ($task->after as $lag) {
                    $ready = $ready && isset($placed[$lag->task]);
                }
                if ($ready) {
                    $ordered[] = $task;
                    $placed[$task->id] = true;
                } else {
                    $rest[] = $task;
                }
            }
            if (count($rest) === count($open)) {
                throw CyclicTasks::among("$field.tasks", array_map(fn (Task $task): string => $task->id, $rest));
            }
            $open = $rest;
        }

        return $ordered;
    }
}
