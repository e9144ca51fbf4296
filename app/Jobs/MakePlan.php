<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Workshop;
use App\Planning\Planner;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Plans one workshop as quickly as may be; asked for many times while it waits, it is done once. */
class MakePlan implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** A worker that is ended under way counts as a try: that is no fault of the job. */
    public int $tries = 20;

    public int $maxExceptions = 3;

    /** A lock left by a worker that was killed opens again after so many seconds. */
    public int $uniqueFor = 60;

    public function __construct(public readonly int $workshopId)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->workshopId;
    }

    public function handle(Planner $planner): void
    {
        $workshop = Workshop::query()->find($this->workshopId);
        if ($workshop !== null && $planner->isStale($workshop)) {
            $planner->plan($workshop);
            $planner->weighSoon($workshop);
        }
    }
}
