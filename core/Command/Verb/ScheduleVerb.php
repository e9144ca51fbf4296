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

    public function example(): string
    {
        return '{"start":"2026-12-01T08:00:00Z","hours":{"tue":[["08:00","12:00"]]},"closed":[],'
            .'"resources":{"turner":1},"pieces":[{"id":"p1","due":null,"weight":1,"tasks":[{"id":"a",'
            .'"minutes":20,"needs":{"turner":1},"after":[]},{"id":"b","minutes":10,"needs":{"turner":1},'
            .'"after":[{"task":"a","min_hours":2,"max_hours":null}]}]}],"seed":1,"budget_ms":1000}';
    }

    public function answer(Document $question): array
    {
        return $this->scheduler->plan(ProblemDocument::read($question))->toArray();
    }
}
