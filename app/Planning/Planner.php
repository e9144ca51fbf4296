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

    /** A fuller shop would keep the plans of all others waiting for a longer search. */
    private const LONGER_UP_TO = 30;

    /** A plan that can be no more than this share worse than the best is looked at no longer. */
    private const CLOSE_ENOUGH = 0.01;

    private const MOST_TRIES = 4;

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
     * @return bool whether a plan of the newest version is stored
     */
    public function plan(Workshop $workshop, Haste $haste = Haste::Press): bool
    {
        for ($try = 0; $try < self::MOST_TRIES; $try++) {
            if ($this->store->keep($this->maker->make(ShopState::of($workshop->refresh()), $haste))) {
                $workshop->refresh();

                return true;
            }
        }
        MakePlan::dispatch($workshop->id)->afterCommit();

        return false;
    }

    /** Has what was planned in a hurry weighed at leisure. */
    public function weighSoon(Workshop $workshop, Haste $haste = Haste::Leisure): void
    {
        WeighPlan::dispatch($workshop->id, $haste)->delay($haste->after())->afterCommit();
    }

    /** Asks for a new plan where the last one is old; whoever only looks does not wait for it. */
    public function planIfStale(Workshop $workshop): void
    {
        if ($this->isStale($workshop)) {
            MakePlan::dispatch($workshop->id)->afterCommit();
        }
    }

    /** Whether its plan was looked for less far than that; at length only what was weighed since the last press. */
    public function isToBeWeighed(Workshop $workshop, Haste $haste): bool
    {
        $looks = $workshop->plan_summary->lived->looks ?? 0;

        return $haste === Haste::Long ? $looks > 0 && $looks < $haste->looks() && ! $this->isStale($workshop)
            : $this->isStale($workshop) || $looks < $haste->looks();
    }

    /** Whether a longer search might gain what is worth moving a plan for: something is late or missed. */
    public function isWorthLonger(Workshop $workshop): bool
    {
        $isClose = ($workshop->plan_summary->gap ?? 1.0) <= self::CLOSE_ENOUGH;

        return ! $isClose && $workshop->pieces()->working()->count() <= self::LONGER_UP_TO && (
            ($workshop->plan_summary->broken ?? []) !== []
                || $workshop->pieces()->working()->whereNotNull('late')->exists()
        );
    }

    public function isStale(Workshop $workshop): bool
    {
        $at = $workshop->planned_at;

        // A clock that was set back leaves a plan from the future, which is as stale as an old one.
        return $workshop->planned_version !== $workshop->version || $at === null
            || $at->lt(now()->subMinutes(self::STALE_MINUTES)) || $at->gt(now()->addMinute());
    }
}
