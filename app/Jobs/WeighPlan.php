<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Workshop;
use App\Planning\Haste;
use App\Planning\Planner;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Weighs at leisure what was planned within a press; asked for many times while it waits, it is done once. What is late
 * then is looked at for longer, once nobody has pressed for a while.
 */
class WeighPlan implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Worked off when nothing waits in the usual one: no plan that somebody waits for stands behind it. */
    public const QUEUE = 'leisure';

    /** A worker that is ended under way counts as a try: that is no fault of the job. */
    public int $tries = 20;

    public int $maxExceptions = 3;

    /** A lock left by a worker that was killed opens again after so many seconds. */
    public int $uniqueFor = 60;

    public function __construct(public readonly int $workshopId, public readonly Haste $haste = Haste::Leisure)
    {
        $this->onQueue(self::QUEUE);
    }

    public function uniqueId(): string
    {
        return "$this->workshopId {$this->haste->value}";
    }

    public function handle(Planner $planner): void
    {
        $workshop = Workshop::query()->find($this->workshopId);
        if ($workshop === null || ! $planner->isToBeWeighed($workshop, $this->haste)) {
            return;
        }
        $planner->plan($workshop, $this->haste);
        if ($this->haste === Haste::Leisure && $planner->isWorthLonger($workshop)) {
            $planner->weighSoon($workshop, Haste::Long);
        }
    }
}
