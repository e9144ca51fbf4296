<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Route\Step;
use HonestGrain\Schedule\Lag;

/**
 * Steps without what goes without saying: a step need not name one that another which it names has waited for as long.
 *
 * @internal
 */
final class Reduced
{
    /**
     * @param  list<Step>  $steps  in a workable order
     * @return list<Step>
     */
    public static function of(array $steps): array
    {
        $since = [];
        $reduced = [];
        foreach ($steps as $step) {
            $mine = [];
            foreach ($step->timing->after as $lag) {
                $wait = $lag->wait->minHours;
                foreach ([$lag->task => 0.0] + ($since[$lag->task] ?? []) as $earlier => $hours) {
                    if (! isset($mine[$earlier]) || $mine[$earlier] < $hours + $wait) {
                        $mine[$earlier] = $hours + $wait;
                    }
                }
            }
            $since[$step->id] = $mine;
            $kept = array_values(array_filter(
                $step->timing->after, fn (Lag $lag): bool => $lag->wait->maxHours !== null
                    || ! self::isSaid($lag, $step, $since),
            ));
            // The longest wait first: it is the one to tell.
            usort($kept, fn (Lag $a, Lag $b): int => $b->wait->minHours <=> $a->wait->minHours);
            $reduced[] = $kept === $step->timing->after ? $step : $step->after($kept);
        }

        return $reduced;
    }

    /** @param  array<string, array<string, float>>  $since  step => earlier step => least hours between them */
    private static function isSaid(Lag $lag, Step $step, array $since): bool
    {
        foreach ($step->timing->after as $other) {
            $between = $since[$other->task][$lag->task] ?? null;
            if ($between !== null && $between + $other->wait->minHours >= $lag->wait->minHours) {
                return true;
            }
        }

        return false;
    }
}
