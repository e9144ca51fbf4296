<?php

declare(strict_types=1);

namespace App\Planning;

use App\Jobs\MakePlan;
use App\Jobs\WeighPlan;
use App\Models\Piece;
use App\Models\Workshop;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Changes a workshop and has its plan follow: the change is made under the workshop's lock, the plan is made outside
 * it from what stood at one version, and is kept if that version still stands.
 */
final readonly class Planner
{
    private const STALE_MINUTES = 10;

    /** A shop with no more pieces in work is planned within the press itself. */
    private const AT_ONCE = 14;

    private const MOST_TRIES = 4;

    /** Whoever presses twice has the plan weighed once. */
    private const LEISURE_SECONDS = 4;

    public function __construct(private PlanMaker $maker, private PlanStore $store, private Correction $correction)
    {
    }

    /**
     * Makes a change to a workshop; both the change and the mark that its plan is old stand, or neither.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @param  Piece|null  $touched  whose steps must be right at once, whatever the plan of the others takes
     * @return T what the change gave back
     */
    public function apply(Workshop $workshop, Closure $change, ?Piece $touched = null): mixed
    {
        $isSmall = $workshop->pieces()->working()->count() <= self::AT_ONCE;
        $changed = DB::transaction(function () use ($workshop, $change, $touched, $isSmall): mixed {
            $workshop->lock();
            $changed = $change();
            $workshop->increment('version');
            if ($touched !== null && ! $isSmall) {
                $this->correction->of($touched);
            }

            return $changed;
        });
        if ($isSmall) {
            $this->plan($workshop);
            $this->weighSoon($workshop);
        } else {
            MakePlan::dispatch($workshop->id)->afterCommit();
        }

        return $changed;
    }

    /**
     * Makes the plan from what stands, and stores it if that still stands then; else again.
     *
     * @param  bool  $isWaitedFor  whether a press waits for it
     * @return bool whether a plan of the newest version is stored
     */
    public function plan(Workshop $workshop, bool $isWaitedFor = true): bool
    {
        for ($try = 0; $try < self::MOST_TRIES; $try++) {
            if ($this->store->keep($this->maker->make(ShopState::of($workshop->refresh()), $isWaitedFor))) {
                $workshop->refresh();

                return true;
            }
        }
        MakePlan::dispatch($workshop->id)->afterCommit();

        return false;
    }

    /** Has what was planned in a hurry weighed at leisure. */
    public function weighSoon(Workshop $workshop): void
    {
        WeighPlan::dispatch($workshop->id)->delay(self::LEISURE_SECONDS)->afterCommit();
    }

    /** Asks for a new plan where the last one is old; whoever only looks does not wait for it. */
    public function planIfStale(Workshop $workshop): void
    {
        if ($this->isStale($workshop)) {
            MakePlan::dispatch($workshop->id)->afterCommit();
        }
    }

    /** Whether more could be said of its plan than a press waits for. */
    public function isToBeWeighed(Workshop $workshop): bool
    {
        return $this->isStale($workshop) || $workshop->plan_summary?->lived === null;
    }

    public function isStale(Workshop $workshop): bool
    {
        $at = $workshop->planned_at;

        // A clock that was set back leaves a plan from the future, which is as stale as an old one.
        return $workshop->planned_version !== $workshop->version || $at === null
            || $at->lt(now()->subMinutes(self::STALE_MINUTES)) || $at->gt(now()->addMinute());
    }
}
