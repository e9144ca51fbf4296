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
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Scheduler;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** Works a plan out from the state of a shop; writes nothing. */
final readonly class PlanMaker
{
    /** How long it looks for a better order of the pieces. */
    private const BUDGET_MS = 60;

    public function __construct(private ShopMapper $mapper, private Scheduler $scheduler, private RouteStore $routes)
    {
    }

    public function make(ShopState $state): ShopPlan
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
        [$plan, $trouble] = $this->plan($state, $jobs, $clock);

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
     * @return array{Plan|null, Said|null}
     */
    private function plan(ShopState $state, array $jobs, CureClock $clock): array
    {
        try {
            return [$this->scheduler->plan(Problem::of(
                $state->now, $state->workshop->workingHours(), $this->mapper->resources($state->workshop),
                $jobs, $clock,
                budgetMs: self::BUDGET_MS,
            )), null];
        } catch (BadInput $e) {
            return [null, $e->said];
        }
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
