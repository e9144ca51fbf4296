<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\DateMove;
use App\Models\Kept\PlanSummary;
use App\Models\Kept\PutOff;
use App\Models\Kept\SaidCast;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use App\Models\StepDetails;
use App\Models\StepState;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\Lag;
use Illuminate\Support\Facades\DB;

/**
 * Writes a plan over the one that stands, as far as it differs. A step keeps its number, so that a page that is still
 * open in another tab, or on another bench, goes on naming the same step.
 */
final readonly class PlanStore
{
    /** Dates that differ by less are the same to who waits for a piece. */
    private const WORTH_TELLING_SECONDS = 7200;

    /** @return bool false where the shop has been changed since the plan was begun: nothing is written then */
    public function keep(ShopPlan $plan): bool
    {
        $putOffToday = new PutOffToday($plan);
        $writes = $this->differences($plan, $putOffToday);

        return DB::transaction(function () use ($plan, $writes, $putOffToday): bool {
            $workshop = $plan->state->workshop;
            $workshop->lock();
            if ((int) Workshop::query()->whereKey($workshop->id)->value('version') !== $plan->state->version) {
                return false;
            }
            $moved = $this->moved($plan);
            $this->remember($workshop, $moved);
            $writes->carryOut();
            foreach ($plan->pieces as $planned) {
                $this->piece($plan, $planned);
            }
            $summary = $this->summary($plan, $moved, $putOffToday->all());
            Workshop::query()->whereKey($workshop->id)->update([
                'planned_at' => now(), 'planned_version' => $plan->state->version,
                'plan_summary' => json_encode($summary->toArray(), JSON_THROW_ON_ERROR),
            ]);

            return true;
        });
    }

    /** @return list<DateMove> the pieces whose date is another than in the plan that stands */
    private function moved(ShopPlan $plan): array
    {
        $moved = [];
        foreach ($plan->pieces as $planned) {
            $before = $planned->piece->ready_at?->getTimestamp();
            $after = $plan->readyAt($planned);
            if ($before !== null && $after !== null && abs($after - $before) > self::WORTH_TELLING_SECONDS) {
                $moved[] = new DateMove($planned->piece->name, $planned->piece->id, $before, $after);
            }
        }

        return $moved;
    }

    /**
     * Keeps when the steps of what moves now were to be, so that they can be put back there.
     *
     * @param  list<DateMove>  $moved
     */
    private function remember(Workshop $workshop, array $moved): void
    {
        if ($moved !== []) {
            $steps = PlannedStep::query()->toBase()->where('workshop_id', $workshop->id);
            (clone $steps)->whereNotNull('was_at')->update(['was_at' => null]);
            $steps->whereIn('piece_id', array_map(fn (DateMove $move): int => $move->pieceId, $moved))
                ->where('state', StepState::Open)->update(['was_at' => DB::raw('start_at')]);
        }
    }

    /**
     * What moved last is told until something else moves, for a day at the most.
     *
     * @param  list<DateMove>  $moved
     * @param  list<PutOff>  $putOff
     */
    private function summary(ShopPlan $plan, array $moved, array $putOff): PlanSummary
    {
        $last = $plan->state->workshop->plan_summary;
        $isFresh = $last?->movedAt !== null && $last->movedAt->gt(now()->subDay());

        return Copy::with($plan->summary(), ['putOff' => $putOff] + match (true) {
            $moved !== [] => ['moved' => $moved, 'movedAt' => CarbonImmutable::now()],
            $isFresh => ['moved' => $last->moved, 'movedAt' => $last->movedAt],
            default => ['moved' => []],
        });
    }

    /**
     * The whole row of a step.
     *
     * @param  array<string, scalar|null>  $times
     * @return array<string, mixed>
     */
    public static function row(Piece $piece, int $position, Step $step, array $times): array
    {
        return [
            'workshop_id' => $piece->workshop_id, 'piece_id' => $piece->id, 'step' => $step->id,
            'part' => $step->part, 'technique' => $step->work->technique, 'position' => $position,
            'kind' => $step->kind->value, 'title' => SaidCast::written($step->words->title),
            'minutes' => $step->timing->minutes,
            'batch' => $step->batch(), 'product' => $step->work->supplies->product, 'takes' => self::takes($step),
            'follows' => json_encode(
                array_map(fn (Lag $lag): string => $lag->task, $step->timing->after), JSON_THROW_ON_ERROR,
            ),
            'details' => json_encode(StepDetails::of($step)->toArray(), JSON_THROW_ON_ERROR),
        ] + $times;
    }

    /** `{"discs":{"P120":2}}`, or `{"ml":12.5,"goods":{"cloth":1}}`; null for what takes nothing that is counted. */
    private static function takes(Step $step): ?string
    {
        $ml = $step->work->supplies->amount?->ml();
        $takes = array_filter(
            [
                'discs' => $step->work->supplies->abrading->sheets ?? [], 'ml' => $ml === null ? 0.0 : round($ml, 2),
                'goods' => $step->work->supplies->goods->counts ?? [],
            ],
        );

        return $takes === [] ? null : json_encode($takes, JSON_THROW_ON_ERROR);
    }

    private function differences(ShopPlan $plan, PutOffToday $putOffToday): PlanWrites
    {
        $stand = [];
        foreach (PlannedStep::query()->toBase()->whereIn('piece_id', array_keys($plan->pieces))
            ->get(['id', 'piece_id', 'step', ...StepTimes::COLUMNS]) as $row) {
            $stand[$row->piece_id][$row->step] = (array) $row;
        }
        $writes = new PlanWrites;
        foreach ($plan->pieces as $id => $planned) {
            if ($planned->route === null) {
                continue;
            }
            $isSame = $planned->piece->route_key === $planned->routeKey;
            $tasks = ShopPlan::tasks($planned);
            foreach ($plan->inTime($planned) as $position => $step) {
                $putOffToday->look($id, $step, $stand[$id][$step->id] ?? null);
                $placed = $plan->placed($id, $step->id);
                $times = StepTimes::of(
                    $step, $planned->history, $plan->clock,
                    ['start' => $placed?->start, 'end' => $placed?->end], $tasks[$step->id] ?? null,
                    $plan->says($id, $step->id, $stand[$id][$step->id] ?? null),
                );
                $writes->add(
                    $stand[$id][$step->id] ?? null, $isSame, self::row($planned->piece, $position, $step, $times),
                );
            }
            $writes->gone($stand[$id] ?? [], $planned->steps());
        }

        return $writes;
    }

    private function piece(ShopPlan $plan, PlannedPiece $planned): void
    {
        $readyAt = $plan->readyAt($planned);
        $piece = $planned->piece;
        $piece->fill([
            'state' => $planned->isFinished() ? PieceState::Done : PieceState::Working,
            'ready_at' => $readyAt === null ? null : gmdate('Y-m-d H:i:s', $readyAt),
            'late' => $plan->late($piece->id), 'chance' => $plan->chance($piece), 'conflicts' => $planned->conflicts(),
            'route_key' => $planned->routeKey ?? $piece->route_key,
        ]);
        $before = (string) $piece->getOriginal('route_key');
        if ($piece->isDirty()) {
            $piece->save();
        }
        if ($before !== '' && $before !== $piece->route_key) {
            RouteStore::forget($before);
        }
    }
}
