<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\CureClock;
use HonestGrain\Schedule\Bounds;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Grouping;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Task;

/**
 * What is left of a route, as the scheduler takes it: done steps are frozen, waits that run count
 * from when they really began, and a skipped step hands its waits on.
 */
final readonly class Remaining
{
    /** @param  array<string, Step>  $steps */
    private function __construct(private array $steps)
    {
    }

    /** @param  float  $splitAboveMinutes  longer steps may be broken off and taken up again */
    public static function of(
        Promised $piece,
        Route $route,
        Behind $behind,
        ?CureClock $clock,
        float $splitAboveMinutes,
    ): Job {
        $self = new self(array_column($route->steps, null, 'id'));
        $tasks = $mounted = [];
        foreach ($route->steps as $step) {
            if ($step->setup->mountedUntil !== null && isset($behind->doneAt[$step->id])) {
                $mounted[$step->setup->mountedUntil] = $step->holds();
            }
        }
        $undated = $route->waitsForWood() ? $self->afterDrying($behind) : [];
        foreach ($route->steps as $step) {
            if ($behind->has($step->id) || isset($undated[$step->id])) {
                continue;
            }
            $notBefore = $step->kind === StepKind::Dry ? $behind->dryAt : null;
            $notAfter = null;
            $after = [];
            foreach ($self->lags($step, $behind->skipped) as $lag) {
                $done = $behind->doneAt[$lag->task] ?? null;
                if ($done === null) {
                    $after[] = new Lag($lag->task, $lag->wait, $self->isSoon($lag->task, $step));

                    continue;
                }
                // What soaks in goes by the clock; what dries goes by the air, and dries later.
                $from = $lag->wait->kinetics === null ? $done : $behind->waitsFrom($lag->task);
                $notBefore = max($notBefore ?? 0, $lag->wait->opens($from, $clock));
                $closes = $lag->wait->closes($from, $clock);
                $notAfter = $closes === null ? $notAfter : min($notAfter ?? PHP_INT_MAX, $closes);
            }
            $tasks[] = Task::of(
                id: $step->id, minutes: $step->timing->minutes,
                takes: new Claims(
                    $step->setup->needs, keeps: self::keeps($step, $behind),
                    heldNow: array_fill_keys($mounted[$step->id] ?? [], 1), can: Skill::of($step)?->value,
                ),
                after: $after, grouping: new Grouping(
                    $step->batch(), $step->timing->minutes > $splitAboveMinutes,
                    (int) round(3600 * $step->timing->throughHours),
                ),
                bounds: new Bounds($notBefore, $notAfter), title: $step->brief(), field: $step->id,
            );
        }

        return Job::of(
            id: $piece->id, due: $route->waitsForWood() ? null : $piece->due, weight: $piece->weight, tasks: $tasks,
            name: $piece->name, behind: $piece->behind,
        );
    }

    /** @return list<Hold> the lathe's mount for the step after, the air until it is dust-free */
    private static function keeps(Step $step, Behind $behind): array
    {
        $next = $step->setup->mountedUntil;

        return [
            ...$next === null || $behind->has($next) ? [] : array_map(
                fn (string $resource): Hold => Hold::until($next, $resource), $step->holds(),
            ),
            ...$step->timing->dustFree === null ? [] : [Hold::for($step->timing->dustFree, Shop::AIR)],
        ];
    }

    /** Whether one step leaves no dust for the other, which lies again before long. */
    private function isSoon(string $cleaned, Step $step): bool
    {
        $kinds = [StepKind::DustOff, StepKind::Denib];

        return $step->kind === StepKind::Coat && in_array($this->steps[$cleaned]->kind, $kinds, true);
    }

    /**
     * The drying of wood, and all that follows it.
     *
     * @return array<string, true>
     */
    private function afterDrying(Behind $behind): array
    {
        $late = [];
        foreach ($this->steps as $id => $step) {
            $isAfter = array_filter($step->timing->after, fn (Lag $lag): bool => isset($late[$lag->task])) !== [];
            if ($isAfter || ($step->kind === StepKind::Dry && ! $behind->has($id))) {
                $late[$id] = true;
            }
        }

        return $late;
    }

    /**
     * @param  array<string, true>  $skipped
     * @return list<Lag>
     */
    private function lags(Step $step, array $skipped): array
    {
        $lags = [];
        foreach ($step->timing->after as $lag) {
            $lags = isset($skipped[$lag->task])
                ? [...$lags, ...$this->lags($this->steps[$lag->task], $skipped)] : [...$lags, $lag];
        }

        return $lags;
    }
}
