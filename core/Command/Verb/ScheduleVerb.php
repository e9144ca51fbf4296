<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Scheduler;

/** Fits all pieces to the hours and resources of the shop. */
final readonly class ScheduleVerb implements Verb
{
    public function __construct(private Scheduler $scheduler)
    {
    }

    public function name(): string
    {
        return 'schedule';
    }

    public function help(): array
    {
        return [
            'does' => 'Places every task of every piece in working hours, keeping waits and windows.',
            'fields' => [
                'start' => 'nothing is placed before this time (UTC)',
                'hours' => 'working stretches by day: {"mon":[["08:00","12:00"],["13:00","17:00"]], …, "sun":[…]}',
                'closed' => 'dates on which nothing is done, such as ["2026-12-25"]',
                'resources' => 'how many of each there are: {"turner":1,"lathe":1}',
                'pieces' => 'at most 500: {"id", "due" or null, "weight", "tasks"}',
                'pieces[].tasks' => 'at most 200, and 10000 in all: {"id", "minutes", "needs", "after", "holds", '
                    .'"batch", "splittable", "not_before", "not_after"}',
                'pieces[].tasks[].after' => '{"task", "min_hours", "max_hours" or null}, from the end of that task '
                    .'to the start of this one',
                'seed' => 'a whole number (1)',
                'budget_ms' => 'time to search, ms (1000), at most 60000; the first answer takes as long as it takes',
            ],
            'example' => '{"start":"2026-12-01T08:00:00Z","hours":{"tue":[["08:00","12:00"]]},"closed":[],'
                .'"resources":{"turner":1},"pieces":[{"id":"p1","due":null,"weight":1,"tasks":[{"id":"a",'
                .'"minutes":20,"needs":{"turner":1},"after":[]},{"id":"b","minutes":10,"needs":{"turner":1},'
                .'"after":[{"task":"a","min_hours":2,"max_hours":null}]}]}],"seed":1,"budget_ms":1000}',
        ];
    }

    public function answer(Document $question): array
    {
        return $this->scheduler->plan(ProblemDocument::read($question))->toArray();
    }
}
