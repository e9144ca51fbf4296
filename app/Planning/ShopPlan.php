<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kept\Lateness;
use App\Models\Kept\Lived;
use App\Models\Kept\Mounted;
use App\Models\Kept\PlanSummary;
use App\Models\Kept\ShutWindow;
use App\Models\Piece;
use Carbon\CarbonImmutable;
use HonestGrain\Coating\CureClock;
use HonestGrain\Route\OnLathe;
use HonestGrain\Route\Step;
use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Task;
use HonestGrain\Words\Said;

/** A plan of a whole shop, worked out from one version of it and not yet kept. */
final readonly class ShopPlan
{
    /** @var array<int, array<string, PlacedTask>> by piece and step */
    private array $placed;

    /** @var list<BrokenWindow> windows of coats and glue that are not kept */
    public array $broken;

    /** @var array<int, Lateness> by piece */
    private array $late;

    /** @var array<int, array<string, int>> by piece and step: when its window closes, which is not kept */
    private array $givenUp;

    /**
     * @param  array<int, PlannedPiece>  $pieces  by number
     * @param  Lived|null  $lived  where it says how long each step may be left, and each piece's chance
     */
    public function __construct(
        public ShopState $state,
        public CureClock $clock,
        public array $pieces,
        public ?Plan $plan,
        public ?Said $trouble,
        public ?Lived $lived = null,
    ) {
        $placed = $late = $givenUp = [];
        foreach ($plan->tasks ?? [] as $task) {
            $placed[(int) $task->piece][$task->task->id] = $task;
        }
        foreach ($plan->late ?? [] as $piece) {
            $late[(int) $piece->piece] = Lateness::of($piece);
        }
        $fixed = [];
        foreach ($state->pinned as $pin) {
            $fixed[$pin->piece][$pin->task] = $pin->start;
        }
        // What was fixed and cannot be is no window: nothing has to be scuffed for it.
        $this->broken = array_values(array_filter(
            $plan->broken ?? [],
            fn (BrokenWindow $one): bool => ($fixed[$one->piece][$one->task] ?? null) !== $one->closed,
        ));
        foreach ($this->broken as $window) {
            $givenUp[(int) $window->piece][$window->task] = $window->closed;
        }
        $this->givenUp = $givenUp;
        $this->placed = $placed;
        $this->late = $late;
    }

    public function placed(int $piece, string $step): ?PlacedTask
    {
        return $this->placed[$piece][$step] ?? null;
    }

    /**
     * What it says of a step besides its times, as columns of `planned_steps`; what it does not weigh stays as it was.
     *
     * @param  array<string, mixed>|null  $stands  the row that stands
     * @return array{must_at: string|null, given_up_at: string|null, who: string|null}
     */
    public function says(int $piece, string $step, ?array $stands): array
    {
        $placed = $this->placed($piece, $step);
        $must = $this->lived !== null ? StepTimes::sql($placed?->slack?->mustStart) : $stands['must_at'] ?? null;

        return [
            'must_at' => $placed === null ? null : $must,
            'given_up_at' => StepTimes::sql($this->givenUp[$piece][$step] ?? null),
            'who' => $placed === null || $placed->who === [] ? null : implode(',', $placed->who),
        ];
    }

    /** How likely a piece is in time, 0 to 1; null where that is not said. */
    public function chance(Piece $piece): ?float
    {
        return $this->lived !== null ? $this->plan?->outlook->chance((string) $piece->id) : $piece->chance;
    }

    /** @return list<Step> what is behind in the order of the route, then what is left in the order of time */
    public function inTime(PlannedPiece $planned): array
    {
        $steps = $planned->steps();
        $at = fn (Step $step): array => $planned->history->settles($step->id) ? [0, 0]
            : [1, $this->placed($planned->piece->id, $step->id)->start ?? PHP_INT_MAX];
        // Of two at one time that of the route comes first: sorting keeps their order.
        usort($steps, fn (Step $a, Step $b): int => $at($a) <=> $at($b));

        return $steps;
    }

    public function late(int $piece): ?Lateness
    {
        return $this->late[$piece] ?? null;
    }

    /** Second (UTC) at which the piece is or was ready; null where no date can be given. */
    public function readyAt(PlannedPiece $planned): ?int
    {
        if ($planned->isFinished()) {
            return max([0, ...array_values($planned->history->done)]);
        }
        if ($planned->route?->isForbidden() === true) {
            return null;
        }
        $ends = array_map(fn (PlacedTask $task): int => $task->end, $this->placed[$planned->piece->id] ?? []);

        return $ends === [] ? null : max($ends);
    }

    /** @return array<string, Task> what is left of a piece, by step */
    public static function tasks(PlannedPiece $planned): array
    {
        return array_column($planned->job->tasks ?? [], null, 'id');
    }

    public function summary(): PlanSummary
    {
        $time = fn (?int $second): ?CarbonImmutable => $second === null
            ? null : CarbonImmutable::createFromTimestampUTC($second);

        return new PlanSummary(
            $time($this->plan?->finish), $time($this->plan?->outlook->bound->finish),
            array_map($this->shut(...), $this->broken), $this->plan?->setups, $this->plan?->milliseconds,
            $this->trouble, lived: $this->lived,
            isProved: $this->plan?->outlook->bound->isReached === true, gap: $this->plan?->outlook->bound->gap,
            mounted: array_merge(...array_map(self::mounted(...), array_values($this->pieces))),
        );
    }

    /** @return list<Mounted> */
    private static function mounted(PlannedPiece $planned): array
    {
        return $planned->route === null ? [] : array_map(fn (OnLathe $on): Mounted => new Mounted($on), OnLathe::of(
            (string) $planned->piece->id, $planned->route, $planned->history->behind(null),
        ));
    }

    private function shut(BrokenWindow $window): ShutWindow
    {
        $planned = $this->pieces[(int) $window->piece];
        $titles = array_column(
            array_map(fn ($step): array => [$step->id, $step->words->title], $planned->steps()), 1, 0,
        );

        return new ShutWindow(
            $planned->piece->name, $planned->piece->id, $titles[$window->task],
            round(($window->start - $window->closed) / 3600, 1),
        );
    }
}
