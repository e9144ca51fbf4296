<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepClock;
use App\Models\StepState;
use App\Models\Timer;
use App\Models\TimerKind;
use App\Models\Workshop;
use Illuminate\Support\Collection;

/** All clocks of a shop that run, those first that ring first. */
final readonly class Clocks
{
    /** @param  list<Clock>  $all */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  Collection<int, PlannedStep>  $wipes  those that are to be wiped off next
     * @param  PlannedStep|null  $now  the step that shows its own clock
     */
    public static function of(Workshop $workshop, Show $show, Collection $wipes, ?PlannedStep $now = null): self
    {
        $clocks = [
            ...self::wipes($wipes, $show), ...self::steps($workshop, $show, $now),
            ...self::timers($workshop),
        ];
        usort($clocks, fn (Clock $a, Clock $b): int => [$a->isStopped(), self::rings($a)]
            <=> [$b->isStopped(), self::rings($b)]);

        return new self($clocks);
    }

    /** "Pot life, hard-wax oil", "Tea", with its piece. */
    public static function called(Timer $timer): string
    {
        $kind = $timer->name === null || $timer->kind === TimerKind::PotLife ? $timer->kind->word() : '';

        return implode(', ', array_filter([$kind, (string) $timer->name, (string) $timer->piece?->name]));
    }

    private static function rings(Clock $clock): int
    {
        return (int) ($clock->until->timestamp ?? PHP_INT_MAX);
    }

    /**
     * @param  Collection<int, PlannedStep>  $wipes
     * @return list<Clock> coats that soak in, and are to be wiped
     */
    private static function wipes(Collection $wipes, Show $show): array
    {
        return array_values($wipes->map(fn (PlannedStep $step): Clock => new Clock(
            says: "{$step->piece->name}: {$show->said($step->title)}", from: $step->opens_at,
            until: $step->closes_at, step: $step,
        ))->all());
    }

    /** @return list<Clock> */
    private static function steps(Workshop $workshop, Show $show, ?PlannedStep $now): array
    {
        $running = StepClock::running($workshop);
        unset($running[$now === null ? '' : "$now->piece_id $now->step"]);
        $clocks = [];
        foreach ($running === [] ? [] : self::stepsNamed($workshop, array_keys($running)) as $step) {
            $clocks[] = new Clock(
                says: "{$step->piece->name}: {$show->said($step->title)}",
                since: $running["$step->piece_id $step->step"]->countsFrom(), step: $step,
            );
        }

        return $clocks;
    }

    /**
     * @param  list<string>  $names  piece and step
     * @return Collection<int, PlannedStep>
     */
    private static function stepsNamed(Workshop $workshop, array $names): Collection
    {
        return $workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
            ->whereIn('piece_id', array_map(intval(...), $names))->get()
            ->filter(fn (PlannedStep $step): bool => in_array("$step->piece_id $step->step", $names, true))->values();
    }

    /** @return list<Clock> */
    private static function timers(Workshop $workshop): array
    {
        $timers = $workshop->timers()->with('piece:id,workshop_id,name')
            ->where(fn ($q) => $q->whereNull('stopped_at')->orWhere('stopped_at', '>', Timer::shownSince()))->get();

        return array_values($timers->map(fn (Timer $timer): Clock => new Clock(
            says: self::called($timer),
            since: $timer->rings_at === null && ! $timer->isStopped() ? (int) $timer->started_at->timestamp : null,
            until: $timer->rings_at, timer: $timer,
        ))->all());
    }
}
