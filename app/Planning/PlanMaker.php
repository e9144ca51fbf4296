<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Lived;
use App\Models\Piece;
use App\Models\Workshop;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Person;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Questions;
use HonestGrain\Schedule\Scheduler;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** Works a plan out from the state of a shop; writes nothing. */
final readonly class PlanMaker
{
    /** Of what starts so soon it is said how long it may be left. */
    private const SOON_SECONDS = 36 * 3600;

    /** The same in a shop of so many tasks that each answer costs as much as a plan of a small one. */
    private const TODAY_SECONDS = 12 * 3600;

    private const MANY_TASKS = 3_000;

    /** So often the plan is lived through, for the chance of each piece. */
    private const FUTURES = 200;

    /** In a shop so full that fewer futures could be lived through than say anything, none is. */
    private const LEAST_FUTURES = 50;

    private const MOST_LIVED = 100_000;

    /** Whoever is so far ahead of the plan goes on with what was to come. */
    private const AHEAD_SECONDS = 180;

    public function __construct(
        private ShopMapper $mapper,
        private Scheduler $scheduler,
        private RouteStore $routes,
        private Learner $learner,
    ) {
    }

    public function make(ShopState $state, Haste $haste = Haste::Press): ShopPlan
    {
        $workshop = $state->workshop;
        $clock = $this->mapper->clock($workshop);
        $benches = $pieces = $jobs = [];
        foreach ($state->pieces as $piece) {
            $benches[$piece->air_id] ??= $this->mapper->bench($workshop, $piece);
            $pieces[$piece->id] = $planned = $this->piece($state, $piece, $benches[$piece->air_id], $clock);
            if ($planned->job !== null) {
                $jobs[] = $planned->job;
            }
        }
        $standing = $this->standing($state, $pieces);
        $lived = $haste->isWaitedFor() ? null : $this->lived($state->workshop, $jobs, $haste);
        [$plan, $trouble] = $this->plan($state, $jobs, $clock, $standing, $lived, $haste);

        return new ShopPlan($state, $clock, $pieces, $plan, $trouble, $lived);
    }

    private function piece(ShopState $state, Piece $piece, Bench $bench, CureClock $clock): PlannedPiece
    {
        $history = $state->history($piece->id);
        $key = $route = null;
        try {
            [$key, $route] = $this->routes->of($state->workshop, $piece, $bench, $history);
            if ($piece->fault !== null) {
                $trouble = FaultKind::from((string) $piece->fault->value('kind'))->label();

                return new PlannedPiece($piece, $history, $key, $route, null, $trouble, isHeld: true);
            }
            if ($route->isForbidden() && ! $route->waitsForWood()) {
                // What goes against itself has no date: its remarks say why.
                return new PlannedPiece($piece, $history, $key, $route, null, null);
            }
            $job = Remaining::of(
                new Promised(
                    (string) $piece->id, $piece->name, $piece->due_at?->getTimestamp(), $piece->weight,
                    $piece->behind_id === null ? null : (string) $piece->behind_id,
                ),
                $route,
                $history->behind($piece->blank?->ready_at?->getTimestamp()), $clock,
                $this->splitAbove($state, $bench),
            );
            if ($job->tasks === []) {
                return new PlannedPiece($piece, $history, $key, $route, null, null);
            }
            $job->checkWaits($state->now, $clock);

            return new PlannedPiece($piece, $history, $key, $route, $job, null);
        } catch (Stalled $e) {
            return new PlannedPiece(
                $piece, $history, $key, $route, null,
                self::since($e->said, $history),
            );
        } catch (BadInput $e) {
            return new PlannedPiece($piece, $history, $key, $route, null, $e->said);
        }
    }

    /**
     * @param  list<Job>  $jobs
     * @param  list<Pin>  $standing  the plan before
     * @param  Lived|null  $lived  how its futures go; null where a press waits for it
     * @return array{Plan|null, Said|null}
     */
    private function plan(
        ShopState $state,
        array $jobs,
        CureClock $clock,
        array $standing,
        ?Lived $lived,
        Haste $haste,
    ): array {
        try {
            $problem = Problem::of(
                $state->now, $state->workshop->workingHours(), $this->mapper->resources($state->workshop), $jobs,
                $clock, people: $this->mapper->people($state->workshop),
            );
            $problem = $problem->counted($lived->looks ?? $haste->looks())->after($standing);
            if ($lived !== null) {
                $problem = $problem->asked(new Questions(
                    explain: true, futures: $lived->futures, spread: $lived->share,
                    explainBefore: $state->now + ($problem->size() > self::MANY_TASKS
                        ? self::TODAY_SECONDS : self::SOON_SECONDS),
                ));
            }

            return [$this->pinned($problem, $state->pinned), null];
        } catch (BadInput $e) {
            return [null, $e->said];
        }
    }

    /**
     * How the futures of a plan go: as many as there is time for, and as far off it as this shop's work is.
     *
     * @param  list<Job>  $jobs
     */
    private function lived(Workshop $workshop, array $jobs, Haste $haste): Lived
    {
        $scatter = $this->learner->scatter($workshop);
        $tasks = array_sum(array_map(fn (Job $job): int => count($job->tasks), $jobs));

        return new Lived($haste->looks(), self::futures($tasks), $scatter->share, $scatter->records);
    }

    private static function futures(int $tasks): int
    {
        $count = min(self::FUTURES, intdiv(self::MOST_LIVED, max(1, $tasks)));

        return $count < self::LEAST_FUTURES ? 0 : $count;
    }

    /**
     * With what is fixed, as far as it can be: no pin stops the plan of all others.
     *
     * @param  list<Pin>  $pins
     */
    private function pinned(Problem $problem, array $pins): Plan
    {
        $pins = array_values(array_filter($pins, function (Pin $pin) use ($problem): bool {
            try {
                $problem->withPinned([$pin]);

                return true;
            } catch (InvalidField) {
                return false;
            }
        }));
        while (true) {
            try {
                return $this->scheduler->plan($problem->withPinned($pins));
            } catch (InvalidField $e) {
                $left = array_values(array_filter($pins, fn (Pin $pin): bool => "$pin->field.start" !== $e->field));
                if (count($left) === count($pins)) {
                    throw $e;
                }
                $pins = $left;
            }
        }
    }

    /**
     * The plan that stands: what it has left for this stretch is taken up sooner where the maker is ahead of it.
     *
     * @param  array<int, PlannedPiece>  $pieces
     * @return list<Pin>
     */
    private function standing(ShopState $state, array $pieces): array
    {
        $standing = array_values(array_filter($state->planned, function (Pin $pin) use ($pieces): bool {
            $planned = $pieces[(int) $pin->piece] ?? null;

            // What has a new route begins anew.
            return $planned?->job !== null && $planned->routeKey === $planned->piece->route_key;
        }));
        $ahead = ($standing[0]->start ?? $state->now) - $state->now;
        $closes = $state->workshop->workingHours()->openUntil($state->now);
        if ($closes === null || $ahead <= self::AHEAD_SECONDS) {
            return $standing;
        }

        return array_map(fn (Pin $pin): Pin => $pin->start >= $closes ? $pin
            : new Pin($pin->piece, $pin->task, $pin->start - $ahead, who: $pin->who), $standing);
    }

    private function splitAbove(ShopState $state, Bench $bench): float
    {
        $hours = array_map(
            fn (Person $person): WorkingHours => $person->hours, $this->mapper->people($state->workshop),
        );
        $longest = array_map(
            fn (WorkingHours $one): float => $one->longestStretchSeconds() / 60,
            array_filter($hours, fn (WorkingHours $one): bool => $one->goesOn()),
        );

        return min(
            $bench->calibration->bench->splitAboveMinutes,
            ...($longest === [] ? [$state->workshop->workingHours()->longestStretchSeconds() / 60] : $longest),
        );
    }

    private static function since(Said $why, History $history): Said
    {
        return $history->done === [] ? $why : new Said('dates.waiting-since', [
            'why' => $why, 'at' => Quantity::at(Carbon::createFromTimestamp(max($history->done))),
        ]);
    }
}
