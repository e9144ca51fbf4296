<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Reading\BadInput;
use HonestGrain\Route\Behind;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Scheduler;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** Works a plan out from the state of a shop; writes nothing. */
final readonly class PlanMaker
{
    /** So many tasks are placed in search of a better plan while somebody waits for it, and when nobody does. */
    private const LOOKS = 1_500;

    private const LOOKS_BEHIND = 15_000;

    /** Whoever is so far ahead of the plan goes on with what was to come. */
    private const AHEAD_SECONDS = 180;

    public function __construct(private ShopMapper $mapper, private Scheduler $scheduler, private RouteStore $routes)
    {
    }

    /** @param  bool  $isWaitedFor  whether a press waits for it */
    public function make(ShopState $state, bool $isWaitedFor = true): ShopPlan
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
        $standing = array_values(array_filter($this->standing($state), function (Pin $pin) use ($pieces): bool {
            $planned = $pieces[(int) $pin->piece];

            // What has a new route begins anew.
            return $planned->routeKey !== null && $planned->routeKey === $planned->piece->route_key;
        }));
        [$plan, $trouble] = $this->plan(
            $state, $jobs, $clock, $standing, $isWaitedFor ? self::LOOKS : self::LOOKS_BEHIND,
        );

        return new ShopPlan($state, $clock, $pieces, $plan, $trouble);
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
                new Promised((string) $piece->id, $piece->name, $piece->due_at?->getTimestamp()), $route,
                new Behind($history->done, $history->skipped, $piece->blank?->ready_at?->getTimestamp()), $clock,
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
     * @return array{Plan|null, Said|null}
     */
    private function plan(ShopState $state, array $jobs, CureClock $clock, array $standing, int $looks): array
    {
        try {
            $problem = Problem::of(
                $state->now, $state->workshop->workingHours(), $this->mapper->resources($state->workshop), $jobs,
                $clock,
            );

            return [$this->scheduler->plan($problem->counted($looks)->after($standing)), null];
        } catch (BadInput $e) {
            return [null, $e->said];
        }
    }

    /**
     * The plan that stands: what it has left for this stretch is taken up sooner where the maker is ahead of it.
     *
     * @return list<Pin>
     */
    private function standing(ShopState $state): array
    {
        $ahead = ($state->planned[0]->start ?? $state->now) - $state->now;
        $closes = $state->workshop->workingHours()->openUntil($state->now);
        if ($closes === null || $ahead <= self::AHEAD_SECONDS) {
            return $state->planned;
        }

        return array_map(fn (Pin $pin): Pin => $pin->start >= $closes ? $pin
            : new Pin($pin->piece, $pin->task, $pin->start - $ahead), $state->planned);
    }

    private function splitAbove(ShopState $state, Bench $bench): float
    {
        return min(
            $bench->calibration->bench->splitAboveMinutes,
            $state->workshop->workingHours()->longestStretchSeconds() / 60,
        );
    }

    private static function since(Said $why, History $history): Said
    {
        return $history->done === [] ? $why : new Said('dates.waiting-since', [
            'why' => $why, 'at' => Quantity::at(Carbon::createFromTimestamp(max($history->done))),
        ]);
    }
}
