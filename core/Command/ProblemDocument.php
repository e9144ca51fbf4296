<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Bounds;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Grouping;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Person;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Questions;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Said;

/** Reads the input of `bin/grain schedule` into a scheduling problem. */
final class ProblemDocument
{
    private const MAX_PIECES = 2_000;

    private const MAX_TASKS = 200;

    private const MAX_TASKS_IN_ALL = 40_000;

    /** The longest pause within a sitting where none is given. */
    private const MOST_GAP_MINUTES = 30.0;

    /** A longer break than this no one works through. */
    private const MOST_BREAK_MINUTES = 480.0;

    private const MAX_PEOPLE = 20;

    private const MAX_LOOKS = 100_000_000;

    private const MAX_FUTURES = 10_000;

    private const MAX_BUDGET_MS = 60_000;

    public static function read(Document $document): Problem
    {
        $resources = self::quantities($document, 'resources', 1);
        $jobs = $ids = [];
        $count = 0;
        foreach ($document->children('pieces', self::MAX_PIECES) as $piece) {
            $id = $piece->text('id', 80);
            if (isset($ids[$id])) {
                throw InvalidField::because(
                    $piece->at('id'), $id, new Said('verbs.problem-document.every-piece-needs-name'),
                );
            }
            $ids[$id] = true;
            $tasks = array_map(self::task(...), self::sat($piece, $piece->children('tasks', self::MAX_TASKS)));
            $count += count($tasks);
            if ($count > self::MAX_TASKS_IN_ALL) {
                throw InvalidField::tooMany($piece->at('tasks'), $count, self::MAX_TASKS_IN_ALL);
            }
            $jobs[] = Job::of(
                id: $id, due: $piece->has('due') ? $piece->time('due')->getTimestamp() : null,
                weight: $piece->numberOr('weight', 1.0, 0, 1000), tasks: $tasks, field: $piece->path,
                behind: $piece->textOr('behind', null, 80),
            );
        }
        self::checkOrder($jobs, $document);

        $hours = WorkingHours::read($document);

        $problem = Problem::of(
            start: $document->time('start')->getTimestamp(),
            hours: $hours,
            resources: $resources,
            jobs: $jobs,
            clock: null,
            seed: $document->has('seed') ? $document->integer('seed', 0, PHP_INT_MAX >> 11) : 1,
            budgetMs: $document->has('budget_ms') ? $document->integer('budget_ms', 0, self::MAX_BUDGET_MS) : 1000,
            people: self::people($document, $hours),
        );

        if ($document->has('looks')) {
            $problem = $problem->counted($document->integer('looks', 1, self::MAX_LOOKS));
        }

        return $problem->asked(new Questions(
            $document->flag('explain', false),
            $document->has('futures') ? $document->integer('futures', 0, self::MAX_FUTURES) : 0,
            $document->numberOr('spread', Questions::SPREAD, 0, 1),
        ))->withPinned(self::pins($document, 'pinned'))->after(self::pins($document, 'last'));
    }

    /**
     * @param  list<Job>  $jobs
     *
     * @throws InvalidField for a piece behind one that is not there, or in the end behind itself
     */
    private static function checkOrder(array $jobs, Document $document): void
    {
        $behind = array_column(array_map(fn (Job $job): array => [$job->id, $job->behind], $jobs), 1, 0);
        foreach ($jobs as $n => $job) {
            if ($job->behind !== null && ! array_key_exists($job->behind, $behind)) {
                throw InvalidField::choice(
                    $document->at("pieces.$n.behind"), $job->behind, array_map(strval(...), array_keys($behind)),
                );
            }
            $at = $job->behind;
            for ($steps = 0; $at !== null; $steps++) {
                if ($at === $job->id || $steps > count($jobs)) {
                    throw InvalidField::because(
                        $document->at("pieces.$n.behind"), (string) $job->behind,
                        new Said('verbs.problem-document.behind-itself'),
                    );
                }
                $at = $behind[$at] ?? null;
            }
        }
    }

    /** @return list<Pin> */
    private static function pins(Document $document, string $key): array
    {
        return array_map(fn (Document $pin): Pin => new Pin(
            $pin->text('piece', 80), $pin->text('task', 80), $pin->time('start')->getTimestamp(), $pin->path,
            $pin->has('who') ? $pin->strings('who', self::MAX_PEOPLE) : [],
        ), $document->has($key) ? $document->children($key, self::MAX_TASKS_IN_ALL) : []);
    }

    /** @return list<Person> closed when the shop is, and besides on days of their own */
    private static function people(Document $document, WorkingHours $shop): array
    {
        $people = [];
        foreach ($document->has('people') ? $document->children('people', self::MAX_PEOPLE) : [] as $person) {
            $id = $person->text('id', 80);
            if (isset($people[$id])) {
                throw InvalidField::because(
                    $person->at('id'), $id, new Said('verbs.problem-document.every-person-needs-name'),
                );
            }
            $closed = [...$document->listOr('closed', 2000), ...$person->listOr('closed', 2000)];
            $people[$id] = new Person(
                $id, $person->has('hours') || $person->has('also') || $person->has('closed')
                    ? WorkingHours::read(self::hours($person, $document)->with(['closed' => $closed])) : $shop,
                $person->has('can') ? $person->strings('can', 50) : [],
            );
        }

        return array_values($people);
    }

    /** A person's hours: their own week, or the shop's with their own dates over it. */
    private static function hours(Document $person, Document $shop): Document
    {
        $also = fn (Document $of): array => $of->childOr('also')->fields();

        return $person->has('hours') ? $person : $person->with([
            'hours' => $shop->child('hours')->fields(), 'also' => $also($person) + $also($shop),
        ]);
    }

    /**
     * The tasks of a piece, each of its sitting soon after the one before, and through a break where it goes on.
     *
     * @param  list<Document>  $tasks
     * @return list<Document>
     */
    private static function sat(Document $piece, array $tasks): array
    {
        $sitting = $piece->has('sitting') ? $piece->strings('sitting', self::MAX_TASKS) : [];
        $most = $piece->numberOr('most_gap_minutes', self::MOST_GAP_MINUTES, 0, 60 * Wait::MAX_HOURS) / 60;
        $ids = array_map(fn (Document $task): string => $task->text('id', 80), $tasks);
        foreach ($sitting as $i => $id) {
            $at = array_search($id, $ids, true);
            if ($at === false) {
                throw InvalidField::choice($piece->at("sitting.$i"), $id, $ids);
            }
            if ($piece->has('through_break_minutes')) {
                $tasks[$at] = $tasks[$at]->with(['through_break_minutes' => $piece->number(
                    'through_break_minutes', 0, self::MOST_BREAK_MINUTES,
                )]);
            }
            if ($i > 0) {
                $tasks[$at] = self::soonAfter($tasks[$at], $sitting[$i - 1], $most);
            }
        }

        return array_values($tasks);
    }

    private static function soonAfter(Document $task, string $before, float $mostHours): Document
    {
        $after = $task->has('after') ? $task->list('after', 50) : [];
        $found = false;
        foreach ($after as $i => $lag) {
            if (is_array($lag) && ($lag['task'] ?? null) === $before) {
                $found = true;
                $window = is_numeric($lag['max_hours'] ?? null) ? (float) $lag['max_hours'] : INF;
                $after[$i] = ['max_hours' => min($mostHours, $window)] + $lag;
            }
        }

        return $task->with(['after' => $found ? $after : [
            ...$after, ['task' => $before, 'min_hours' => 0, 'max_hours' => $mostHours],
        ]]);
    }

    private static function task(Document $task): Task
    {
        $after = [];
        foreach ($task->has('after') ? $task->children('after', 50) : [] as $lag) {
            $after[] = new Lag($lag->text('task', 80), Wait::hours(
                $lag->numberOr('min_hours', 0.0, 0, Wait::MAX_HOURS),
                $lag->numberOr('max_hours', null, 0, Wait::MAX_HOURS),
                field: $lag->path,
            ), $lag->flag('soon', false));
        }
        $second = fn (string $key): ?int => $task->has($key) ? $task->time($key)->getTimestamp() : null;

        return Task::of(
            id: $task->text('id', 80), minutes: $task->number('minutes', 0, 100_000),
            takes: new Claims(
                self::quantities($task, 'needs', 0), self::quantities($task, 'holds', 0),
                can: $task->textOr('can', null, 80),
            ), after: $after,
            grouping: new Grouping(
                $task->textOr('batch', null, 80), $task->flag('splittable', false),
                (int) round(60 * $task->numberOr('through_break_minutes', 0.0, 0, self::MOST_BREAK_MINUTES)),
            ),
            bounds: new Bounds($second('not_before'), $second('not_after')),
            title: $task->has('title') ? Said::name($task->text('title')) : null, field: $task->path,
        );
    }

    /** @return array<string, int> */
    private static function quantities(Document $document, string $key, int $min): array
    {
        $quantities = [];
        $child = $document->childOr($key);
        foreach ($child->keys() as $name) {
            $quantity = $child->integer($name, $min, 1000);
            if ($quantity > 0) {
                $quantities[$name] = $quantity;
            }
        }

        return $quantities;
    }
}
