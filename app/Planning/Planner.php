<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\Workshop;
use Closure;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Reading\BadInput;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Route;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Scheduler;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Makes a workshop's plan again from its pieces and what has happened, and writes it to `planned_steps`. */
final readonly class Planner
{
    private const STALE_MINUTES = 10;

    /** What a press waits for a better order of the pieces. */
    private const BUDGET_MS = 60;

    public function __construct(private ShopMapper $mapper, private Scheduler $scheduler, private RouteStore $routes)
    {
    }

    public function replanIfStale(Workshop $workshop): void
    {
        $at = $workshop->planned_at;
        // A clock that was set back leaves a plan from the future, which is as stale as an old one.
        if ($at === null || $at->lt(now()->subMinutes(self::STALE_MINUTES)) || $at->gt(now()->addMinute())) {
            $this->replan($workshop);
        }
    }

    /**
     * Makes a change to a workshop and the plan that follows from it, as one: both stand, or neither.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @return T what the change gave back
     */
    public function apply(Workshop $workshop, Closure $change): mixed
    {
        return DB::transaction(function () use ($workshop, $change): mixed {
            $workshop->lock();
            $changed = $change();
            $this->replan($workshop->refresh());

            return $changed;
        });
    }

    public function replan(Workshop $workshop): void
    {
        DB::transaction(function () use ($workshop): void {
            // The second of two plans waits, and plans on the first's results.
            $workshop->lock();
            $workshop->load(['abrasives', 'tins']);
            $clock = $this->mapper->clock($workshop);
            $now = now()->startOfMinute()->getTimestamp();
            $pieces = $workshop->pieces()->working()->orderBy('due_at')->orderBy('id')->get();
            $history = $this->history($workshop);
            $bench = $this->mapper->bench($workshop);
            $splitAbove = min(Remaining::SPLIT_ABOVE_MINUTES, $this->mapper->hours($workshop)->longestStretchSeconds() / 60);
            $routes = $jobs = $troubles = [];
            foreach ($pieces as $piece) {
                try {
                    $routes[$piece->id] = $route = $this->routes->of($workshop, $piece, $bench);
                    if ($route->isForbidden()) {
                        // What goes against itself has no date: its remarks say why.
                        continue;
                    }
                    $job = Remaining::of((string) $piece->id, $piece->name, $piece->due_at?->getTimestamp(), 1.0, $routes[$piece->id], $history[$piece->id]['done'] ?? [], $history[$piece->id]['skipped'] ?? [], $clock, $splitAbove);
                    $job->checkWaits($now, $clock);
                    $jobs[] = $job;
                } catch (Stalled $e) {
                    $troubles[$piece->id] = $e->getMessage().$this->since(
                        $history[$piece->id]['done'] ?? [], $workshop,
                    );
                } catch (BadInput $e) {
                    $troubles[$piece->id] = $e->getMessage();
                }
            }
            [$plan, $trouble] = $this->plan($workshop, $now, $jobs, $clock);
            $this->write($workshop, $pieces->keyBy('id'), $routes, $jobs, $history, $plan, $troubles, $clock);
            $workshop->update(['planned_at' => now(), 'plan_summary' => [
                'finish' => $plan === null ? null : gmdate('Y-m-d\TH:i:s\Z', $plan->finish),
                'lower_bound' => $plan === null ? null : gmdate('Y-m-d\TH:i:s\Z', $plan->lowerBound),
                'broken' => $plan === null ? [] : array_map(fn (BrokenWindow $window): array => $this->brokenWindow($window, $pieces->find((int) $window->piece), $routes[(int) $window->piece]), $plan->broken),
                'setups' => $plan?->setups,
                'milliseconds' => $plan?->milliseconds,
                'trouble' => $trouble,
            ]]);
        });
    }

    /**
     * What has been done and skipped and not been undone, by piece.
     *
     * @return array<int, array{done: array<string, int>, skipped: array<string, true>}>
     */
    public function history(Workshop $workshop, ?Piece $only = null): array
    {
        $history = [];
        $entries = $workshop->logEntries()
            ->whereIn('kind', ['done', 'skip'])
            ->when($only !== null, fn ($query) => $query->where('piece_id', $only?->id))
            ->when($only === null, fn ($query) => $query->whereIn('piece_id', $workshop->pieces()->working()->select('id')))
            ->whereNotIn('id', LogEntry::query()->where('workshop_id', $workshop->id)->whereNotNull('undoes_id')->select('undoes_id'))
            ->get(['piece_id', 'step', 'kind', 'happened_at']);
        foreach ($entries as $entry) {
            $history[(int) $entry->piece_id] ??= ['done' => [], 'skipped' => []];
            if ($entry->kind === 'done') {
                $history[(int) $entry->piece_id]['done'][(string) $entry->step] = $entry->happened_at->getTimestamp();
            } else {
                $history[(int) $entry->piece_id]['skipped'][(string) $entry->step] = true;
            }
        }

        return $history;
    }

    /**
     * @param  list<Job>  $jobs
     * @return array{Plan|null, string|null}
     */
    private function plan(Workshop $workshop, int $now, array $jobs, CureClock $clock): array
    {
        try {
            return [$this->scheduler->plan(Problem::of(
                $now, $this->mapper->hours($workshop), ShopMapper::RESOURCES, $jobs, $clock, budgetMs: self::BUDGET_MS,
            )), null];
        } catch (BadInput $e) {
            return [null, $e->getMessage()];
        }
    }

    /**
     * @param  Collection<int, Piece>  $pieces
     * @param  array<int, Route>  $routes
     * @param  list<Job>  $jobs
     * @param  array<int, array{done: array<string, int>, skipped: array<string, true>}>  $history
     * @param  array<int, string>  $troubles  pieces that cannot be planned, and why
     */
    private function write(Workshop $workshop, Collection $pieces, array $routes, array $jobs, array $history, ?Plan $plan, array $troubles, CureClock $clock): void
    {
        $placed = $late = $tasks = [];
        foreach ($plan->tasks ?? [] as $task) {
            $placed[(int) $task->piece][$task->task->id] = $task;
        }
        foreach ($plan->late ?? [] as $piece) {
            $late[(int) $piece->piece] = ['hours' => $piece->hours, 'because' => $piece->because];
        }
        foreach ($jobs as $job) {
            foreach ($job->tasks as $task) {
                $tasks[(int) $job->id][$task->id] = $task;
            }
        }
        $rows = [];
        foreach ($routes as $pieceId => $route) {
            $done = $history[$pieceId]['done'] ?? [];
            $skipped = $history[$pieceId]['skipped'] ?? [];
            foreach ($route->steps as $position => $step) {
                $rows[] = $this->row($workshop, $pieceId, $position, $step, $done, $skipped, $placed[$pieceId][$step->id] ?? null, $tasks[$pieceId][$step->id]->notBefore ?? null, $tasks[$pieceId][$step->id]->notAfter ?? null, $clock);
            }
            $ends = array_map(fn (PlacedTask $task): int => $task->end, $placed[$pieceId] ?? []);
            $open = count(array_filter($route->steps, fn (Step $step): bool => ! isset($done[$step->id]) && ! isset($skipped[$step->id])));
            $finished = $open === 0 ? max([0, ...array_values($done)]) : null;
            $readyAt = $finished ?? ($ends === [] ? null : max($ends));
            /** @var Piece $piece */
            $piece = $pieces[$pieceId];
            $piece->update([
                'state' => $open === 0 ? Piece::DONE : Piece::WORKING,
                'ready_at' => $readyAt === null ? null : Carbon::createFromTimestamp($readyAt),
                'late' => $late[$pieceId] ?? null,
                'conflicts' => [...$this->trouble($troubles[$pieceId] ?? null), ...array_map(fn ($conflict): array => $conflict->toArray(), $route->conflicts)],
            ]);
        }
        foreach (array_diff_key($troubles, $routes) as $pieceId => $why) {
            $pieces[$pieceId]->update(['ready_at' => null, 'late' => null, 'conflicts' => $this->trouble($why)]);
        }
        $this->store($workshop, $pieces->keys()->all(), $rows);
    }

    /**
     * Writes the rows over those that stand, so that a step keeps its number: a page that is still
     * open in another tab, or on another bench, goes on naming the same step.
     *
     * @param  list<int>  $pieceIds
     * @param  list<array<string, mixed>>  $rows
     */
    private function store(Workshop $workshop, array $pieceIds, array $rows): void
    {
        $kept = array_flip(array_map(fn (array $row): string => "{$row['piece_id']} {$row['step']}", $rows));
        $gone = PlannedStep::query()->where('workshop_id', $workshop->id)->whereIn('piece_id', $pieceIds)->get(['id', 'piece_id', 'step'])
            ->reject(fn (PlannedStep $step): bool => isset($kept["$step->piece_id $step->step"]));
        PlannedStep::query()->whereKey($gone->modelKeys())->delete();
        foreach (array_chunk($rows, 200) as $chunk) {
            PlannedStep::query()->upsert($chunk, ['piece_id', 'step']);
        }
    }

    /**
     * @param  array<string, int>  $done
     * @param  array<string, true>  $skipped
     * @return array<string, mixed>
     */
    private function row(Workshop $workshop, int $pieceId, int $position, Step $step, array $done, array $skipped, ?PlacedTask $placed, ?int $opens, ?int $closes, CureClock $clock): array
    {
        $sql = fn (?int $second): ?string => $second === null ? null : gmdate('Y-m-d H:i:s', $second);
        $before = array_map(fn ($lag): string => $lag->task, $step->after);
        $settled = fn (string $id): bool => isset($done[$id]) || isset($skipped[$id]);
        $doneAt = $done[$step->id] ?? null;
        $from = array_filter(array_map(fn (string $id): ?int => $done[$id] ?? null, $before));

        return [
            'workshop_id' => $workshop->id, 'piece_id' => $pieceId, 'step' => $step->id, 'position' => $position, 'kind' => $step->kind->value,
            'title' => mb_substr($step->title, 0, 200), 'minutes' => $step->minutes,
            'state' => $doneAt !== null ? 'done' : (isset($skipped[$step->id]) ? 'skipped' : 'open'),
            'is_next' => ! $settled($step->id) && array_filter($before, fn (string $id): bool => ! $settled($id)) === [],
            'start_at' => $sql($placed?->start), 'end_at' => $sql($doneAt ?? $placed?->end),
            'waits_from' => $sql($from === [] ? null : max($from)), 'opens_at' => $sql($opens), 'closes_at' => $sql($closes),
            'batch' => $step->batch(), 'details' => json_encode(
                $this->details($step) + [
                    'wait_for' => $step->waitFor,
                    'wait_here' => $this->waitHere($step, $doneAt ?? $placed?->end, $clock),
                ],
                JSON_THROW_ON_ERROR,
            ),
        ];
    }

    /**
     * A step as pages read it: what it waits for is its date, so only what the next step waits is kept as its wait.
     *
     * @return array<string, mixed>
     */
    private function details(Step $step): array
    {
        $details = $step->toArray();

        return $step->kind->isAWait() ? ['wait' => null] + $details : $details;
    }

    /**
     * How long a step's wait lasts in this shop's own air, from when the step is or will be done.
     *
     * @return array{min_hours: float, max_hours: float|null}|null
     */
    private function waitHere(Step $step, ?int $from, CureClock $clock): ?array
    {
        if ($from === null || ($step->wait->minHours <= 0 && $step->wait->maxHours === null)) {
            return null;
        }
        try {
            [$opens, $closes] = [$step->wait->opens($from, $clock), $step->wait->closes($from, $clock)];
        } catch (Stalled) {
            return null;
        }

        return ['min_hours' => round(($opens - $from) / 3600, 2), 'max_hours' => $closes === null ? null : round(($closes - $from) / 3600, 2)];
    }

    /** @return array{piece: string, piece_id: int, title: string, late_hours: float} */
    private function brokenWindow(BrokenWindow $window, Piece $piece, Route $route): array
    {
        $titles = array_column(array_map(fn (Step $step): array => [$step->id, $step->title], $route->steps), 1, 0);

        return ['piece' => $piece->name, 'piece_id' => $piece->id, 'title' => $titles[$window->task], 'late_hours' => round(($window->start - $window->closed) / 3600, 1)];
    }

    /** @param  array<string, int>  $done */
    private function since(array $done, Workshop $workshop): string
    {
        if ($done === []) {
            return '';
        }

        return ' It has waited since '.Carbon::createFromTimestamp(
            max($done), $workshop->time_zone,
        )->format('D j M H:i').'.';
    }

    /** @return list<array{severity: string, steps: list<string>, message: string, choices: list<string>}> */
    private function trouble(?string $why): array
    {
        return $why === null ? [] : [['severity' => 'forbid', 'steps' => [], 'message' => "No date can be worked out: $why", 'choices' => ['Change the coats', 'Warm the shop and say so under Shop']]];
    }
}
