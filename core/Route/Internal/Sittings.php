<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Piece\School\Sitting;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Step;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Wet work that is turned once, from its first cut until its foot is done: no longer pause between two steps than wet
 * wood bears in a bag.
 *
 * @internal
 */
final readonly class Sittings
{
    /** What ends a sitting: coats, and the paper it dries in. */
    private const AFTER = [
        StepKind::Coat, StepKind::WipeOff, StepKind::Denib, StepKind::Buff, StepKind::Test, StepKind::Paper,
        StepKind::Cure, StepKind::Ready, StepKind::Glue,
    ];

    /**
     * @param  list<Step>  $steps  in a workable order
     * @param  array<string, PartContext>  $subjects  by part
     * @return list<Step>
     */
    public static function of(array $steps, array $subjects, DryingFigures $figures): array
    {
        foreach ($subjects as $part => $subject) {
            if ($subject->isTurnedOnce() && $subject->startsAs === StartsAs::Blank) {
                $steps = self::kept($steps, $part, $subject->school->sitting, $figures);
            }
        }

        return $steps;
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function kept(array $steps, string $part, Sitting $way, DryingFigures $figures): array
    {
        $at = array_keys(array_filter($steps, fn (Step $step): bool => $step->part === $part));
        $papers = array_filter($at, fn (int $i): bool => $steps[$i]->kind === StepKind::Paper);
        // Once it is in its paper nothing hurries any more, whatever is done to it when it is dry.
        $at = $papers === [] ? $at : array_filter($at, fn (int $i): bool => $i < min($papers));
        $on = array_filter($at, fn (int $i): bool => ! in_array($steps[$i]->kind, self::AFTER, true));
        // Until its foot is done: what is laid on or proved between the cuts has its own waits.
        $sitting = array_values(array_filter($at, fn (int $i): bool => $on !== [] && $i <= max($on)));
        // A block that is glued on sets before the first cut.
        while ($sitting !== [] && $steps[$sitting[0]]->kind === StepKind::Glue) {
            array_shift($sitting);
        }
        [$most, $line] = match ($way) {
            Sitting::One => [$figures->greenGapHours, 'route.green.one-sitting'],
            Sitting::Through => [$figures->greenGapHours, 'route.green.through-the-break'],
            Sitting::Bagged => [$figures->greenBagHours, 'route.green.bagged'],
        };
        $minutes = array_sum(array_map(fn (int $i): float => $steps[$i]->timing->minutes, $sitting));
        foreach ($sitting as $k => $i) {
            $steps[$i] = $way === Sitting::Through ? $steps[$i]->through($figures->greenBreakHours) : $steps[$i];
            $steps[$i] = $k === 0 ? $steps[$i] : self::soonAfter($steps[$i], $steps[$sitting[$k - 1]]->id, $most);
        }
        if ($sitting !== []) {
            $first = $steps[$sitting[0]];
            $steps[$sitting[0]] = Copy::with($first, ['words' => Copy::with($first->words, ['how' => [
                ...$first->words->how, new Said($line, [
                    'minutes' => Quantity::minutes($minutes), 'most' => Quantity::minutes(60 * $most),
                    'hours' => Quantity::hours($way === Sitting::Through ? $figures->greenBreakHours : $most),
                ]),
            ]])]);
        }

        return array_values($steps);
    }

    private static function soonAfter(Step $step, string $before, float $mostHours): Step
    {
        $known = array_values(array_filter($step->timing->after, fn (Lag $lag): bool => $lag->task === $before));
        $wait = $known === [] ? Wait::none() : $known[0]->wait;
        if ($wait->minHours > $mostHours) {
            return $step;
        }
        $others = array_values(array_filter($step->timing->after, fn (Lag $lag): bool => $lag->task !== $before));

        return $step->after([...$others, new Lag($before, Wait::hours(
            $wait->minHours, min($mostHours, $wait->maxHours ?? INF), $wait->kinetics,
        ))]);
    }
}
