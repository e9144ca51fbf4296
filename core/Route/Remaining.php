<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\CureClock;
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

    /**
     * @param  int|null  $due  second (UTC)
     * @param  array<string, int>  $doneAt  step => second (UTC)
     * @param  array<string, true>  $skipped  steps that will not be done
     * @param  float  $splitAboveMinutes  longer steps may be broken off and taken up again
     * @param  int|null  $dryAt  second (UTC) at which its wood is ready, where it dries; where nobody knows, only what
     *     comes before that is taken, and it is due no more than it has a date
     */
    public static function of(
        string $id,
        string $name,
        ?int $due,
        float $weight,
        Route $route,
        array $doneAt,
        array $skipped,
        ?CureClock $clock,
        float $splitAboveMinutes,
        ?int $dryAt = null,
    ): Job {
        $steps = [];
        foreach ($route->steps as $step) {
            $steps[$step->id] = $step;
        }
        $self = new self($steps);
        $tasks = $mounted = [];
        foreach ($route->steps as $step) {
            if ($step->setup->mountedUntil !== null && isset($doneAt[$step->id])) {
                $mounted[$step->setup->mountedUntil] = true;
            }
        }
        $undated = $route->waitsForWood() ? $self->afterDrying($doneAt + $skipped) : [];
        foreach ($route->steps as $step) {
            if (isset($doneAt[$step->id]) || isset($skipped[$step->id]) || isset($undated[$step->id])) {
                continue;
            }
            $notBefore = $step->kind === StepKind::Dry ? $dryAt : null;
            $notAfter = null;
            $after = [];
            foreach ($self->lags($step, $skipped) as $lag) {
                $done = $doneAt[$lag->task] ?? null;
                if ($done === null) {
                    $after[] = $lag;

                    continue;
                }
                $notBefore = max($notBefore ?? 0, $lag->wait->opens($done, $clock));
                $closes = $lag->wait->closes($done, $clock);
                $notAfter = $closes === null ? $notAfter : min($notAfter ?? PHP_INT_MAX, $closes);
            }
            $keeps = $step->setup->mountedUntil === null || isset($doneAt[$step->setup->mountedUntil]) || isset(
                $skipped[$step->setup->mountedUntil],
            )
                ? [] : [Hold::until($step->setup->mountedUntil, Shop::MOUNTS)];
            if ($step->timing->dustFree !== null) {
                $keeps[] = Hold::for($step->timing->dustFree, Shop::AIR);
            }
            $tasks[] = Task::of(
                $step->id, $step->timing->minutes, $step->setup->needs, $after, [], $step->batch(),
                $step->timing->minutes > $splitAboveMinutes, $notBefore, $notAfter, $step->brief(), $step->id,
            )->keeping($keeps, isset($mounted[$step->id]) ? [Shop::MOUNTS => 1] : []);
        }

        return Job::of($id, $route->waitsForWood() ? null : $due, $weight, $tasks, name: $name);
    }

    /**
     * The drying of wood, and all that follows it.
     *
     * @param  array<string, mixed>  $settled  steps that are behind
     * @return array<string, true>
     */
    private function afterDrying(array $settled): array
    {
        $late = [];
        foreach ($this->steps as $id => $step) {
            $isAfter = array_filter($step->timing->after, fn (Lag $lag): bool => isset($late[$lag->task])) !== [];
            if ($isAfter || ($step->kind === StepKind::Dry && ! isset($settled[$id]))) {
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
