<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What must be done today, or some piece is late or a window missed: one step of each piece, the first. */
final readonly class Musts
{
    private const MOST = 6;

    /** @return list<Must> windows and dates by the hour, then what is late however soon it is done */
    public static function of(Workshop $workshop, ?Worker $worker = null): array
    {
        $dayEnds = now($workshop->time_zone)->endOfDay()->utc();
        $found = [];
        foreach (self::steps($workshop, $dayEnds, $worker) as $step) {
            $found[$step->piece_id] ??= self::must($step, $workshop, $dayEnds);
        }
        $musts = array_values($found);
        usort($musts, fn (Must $a, Must $b): int => ($a->by->timestamp ?? PHP_INT_MAX)
            <=> ($b->by->timestamp ?? PHP_INT_MAX));

        return array_slice($musts, 0, self::MOST);
    }

    /** @return Collection<int, PlannedStep> in the order of the plan */
    private static function steps(Workshop $workshop, Carbon $dayEnds, ?Worker $worker): Collection
    {
        $fault = $workshop->pieces()->whereNotNull('fault')->select('id');

        return $workshop->plannedSteps()->with('piece:id,workshop_id,name,late')->where('state', StepState::Open)
            ->where('minutes', '>', 0)->whereNotIn('piece_id', $fault)
            ->where('pressing_at', '<=', $dayEnds)
            ->of($worker)->orderBy('start_at')->orderBy('id')->get([
                'id', 'workshop_id', 'piece_id', 'step', 'title', 'start_at', 'must_at', 'closes_at', 'given_up_at',
            ]);
    }

    private static function must(PlannedStep $step, Workshop $workshop, Carbon $dayEnds): Must
    {
        if ($step->given_up_at !== null) {
            $closes = (int) $step->given_up_at->timestamp;

            return new Must($step, $step->given_up_at, true, $workshop->workingHours()->openUntil($closes) === null);
        }
        if ($step->closes_at !== null && $step->closes_at->lte($dayEnds)) {
            return new Must($step, $step->closes_at->min($step->must_at ?? $step->closes_at), false, false);
        }

        return new Must($step, $step->piece->late === null ? $step->must_at : null, false, false);
    }
}
