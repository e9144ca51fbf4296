<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\PieceState;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Reading\BadInput;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Step;
use Illuminate\Support\Carbon;

/**
 * Puts one piece right at once after something was logged on it: what is done, what is next, from when and until when.
 * Times already planned stay, or move to where their waits allow, until the whole plan is made again.
 */
final readonly class Correction
{
    public function __construct(private ShopMapper $mapper, private RouteStore $routes)
    {
    }

    public function of(Piece $piece): void
    {
        $workshop = $piece->workshop;
        $clock = $this->mapper->clock($workshop);
        try {
            $bench = $this->mapper->bench($workshop, $piece);
            $history = History::of($piece);
            [, $route] = $this->routes->of($workshop, $piece, $bench, $history);
            $job = Remaining::of(
                new Promised((string) $piece->id, $piece->name, $piece->due_at?->getTimestamp(), $piece->weight),
                $route,
                $history->behind($piece->blank?->ready_at?->getTimestamp()), $clock,
                $bench->calibration->bench->splitAboveMinutes,
            );
        } catch (BadInput|Stalled) {
            // The plan that follows says why.
            return;
        }
        $tasks = array_column($job->tasks, null, 'id');
        $stand = $piece->plannedSteps()->toBase()->get(['id', 'step', ...StepTimes::COLUMNS])->keyBy('step');
        $writes = new PlanWrites;
        $readyAt = 0;
        $ends = $history->done;
        foreach ($route->steps as $step) {
            $row = (array) $stand->get($step->id);
            if ($row === []) {
                continue;
            }
            [$was, $until] = [self::second($row['start_at']), self::second($row['end_at'])];
            $left = $tasks[$step->id] ?? null;
            $seconds = (int) round($step->timing->minutes * 60);
            $start = max(
                $was ?? 0, $left->bounds->notBefore ?? 0,
                ...self::opens($step, $ends, $clock),
            );
            $placed = $left === null || $start === 0
                ? ['start' => $was, 'end' => $until]
                : ['start' => $start, 'end' => max($until ?? 0, $start + $seconds)];
            if ($left !== null) {
                $ends[$step->id] = $placed['end'] ?? 0;
            }
            $readyAt = max($readyAt, $history->done[$step->id] ?? $placed['end'] ?? 0);
            $times = StepTimes::of($step, $history, $clock, $placed, $left, $left === null
                ? ['must_at' => null, 'given_up_at' => null, 'who' => null] : [
                    'must_at' => $row['must_at'], 'given_up_at' => $row['given_up_at'], 'who' => $row['who'],
                ]);
            $writes->add($row, true, ['position' => $row['position']] + $times);
        }
        $writes->carryOut();
        $piece->update([
            'ready_at' => $readyAt === 0 || $route->isForbidden() || $piece->fault !== null
                ? null : Carbon::createFromTimestamp($readyAt),
            'state' => $job->tasks === [] && ! $route->waitsForWood() ? PieceState::Done : PieceState::Working,
        ]);
    }

    private static function second(?string $sql): ?int
    {
        return $sql === null ? null : (int) strtotime("$sql UTC");
    }

    /**
     * @param  array<string, int>  $ends  when the steps before it are done, or will be
     * @return list<int> when each of its waits is over; a wait that this air never ends says nothing here
     */
    private static function opens(Step $step, array $ends, CureClock $clock): array
    {
        $opens = [];
        foreach ($step->timing->after as $lag) {
            try {
                $opens[] = isset($ends[$lag->task]) ? $lag->wait->opens($ends[$lag->task], $clock) : 0;
            } catch (Stalled) {
                continue;
            }
        }

        return $opens;
    }
}
