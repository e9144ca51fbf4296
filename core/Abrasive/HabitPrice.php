<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Internal\ShortestLadder;
use HonestGrain\Calibration\Calibration;

/**
 * A habit on one surface, priced by the same model as the least there is.
 *
 * Workshop model (`ScratchModel`). Paste takes the wood from 48 µm to the scratch of a 5 µm grain.
 */
final readonly class HabitPrice
{
    /** What grain abrasive paste breaks down to, µm. */
    private const PASTE_ENDS_UM = 5.0;

    /** A little more than half the size is half the size. */
    private const HALF = 0.5;

    /** @param  Progression  $progression  of its grits, with its faults */
    private function __construct(
        public Habit $habit,
        public Progression $progression,
        public float $minutes,
        public float $scratchUm,
    ) {
    }

    /**
     * Every habit that these grits allow on a surface.
     *
     * @param  list<Grit>  $available
     * @return list<self>
     */
    public static function all(SandingJob $job, array $available, AbrasiveTable $table, Calibration $calibration): array
    {
        $prices = [];
        foreach (Habit::cases() as $habit) {
            try {
                $prices[] = self::of($habit, $job, $available, $table, $calibration);
            } catch (Unreachable) {
                // These grits do not allow it.
                continue;
            }
        }

        return array_values(array_filter($prices));
    }

    /** @param  list<Grit>  $available */
    private static function of(
        Habit $habit,
        SandingJob $job,
        array $available,
        AbrasiveTable $table,
        Calibration $calibration,
    ): ?self {
        $figures = $calibration->sanding;
        $per100Cm2 = $job->areaMm2 / 10_000;
        $asked = match ($habit) {
            Habit::StopAndOil => $job->endingAt($job->model->valleyOf($calibration->asked->penetratingUm)),
            Habit::Paste => $job->endingAt($job->model->valleyOf($calibration->asked->pasteUm)),
            Habit::SealerFirst => $job->withToolMark($figures->cleanCutUm),
            default => $job,
        };
        $besides = match ($habit) {
            Habit::Paste => $calibration->coats->pasteMinutesPer100Cm2 * $per100Cm2,
            Habit::SealerFirst => ($figures->recutMinutesPer100Cm2 + $figures->stiffenMinutesPer100Cm2) * $per100Cm2,
            default => 0.0,
        };
        $grits = match ($habit) {
            Habit::EveryRung => self::rungs($job, $available, 1),
            Habit::SkipOne => self::rungs($job, $available, 2),
            Habit::Doubling => self::halving($job, $available),
            default => ShortestLadder::over($asked, $available)->grits($table),
        };
        $progression = Progression::own($asked, $grits, $available);
        $last = $progression->last();

        return $last === null ? null : new self(
            $habit, $progression, $progression->totalMinutes + $besides,
            $habit === Habit::Paste ? $job->model->valleyOf(self::PASTE_ENDS_UM) : $job->model->valleyUm($last),
        );
    }

    /**
     * @param  list<Grit>  $available
     * @return list<Grit> from the finest that reaches the marks, every so manieth, to the first that is fine enough
     */
    private static function rungs(SandingJob $job, array $available, int $every): array
    {
        $taken = [];
        foreach (self::fromStart($job, $available) as $i => $grit) {
            if ($i % $every !== 0) {
                continue;
            }
            $taken[] = $grit;
            if ($job->isWithinLimit($grit)) {
                break;
            }
        }

        return $taken;
    }

    /**
     * @param  list<Grit>  $available
     * @return list<Grit>
     */
    private static function halving(SandingJob $job, array $available): array
    {
        $grits = self::fromStart($job, $available);
        $taken = [];
        while ($grits !== []) {
            $now = array_shift($grits);
            $taken[] = $now;
            if ($job->isWithinLimit($now) || $grits === []) {
                break;
            }
            $far = array_map(fn (Grit $grit): float => abs(log($grit->micron / $now->micron / self::HALF)), $grits);
            $grits = array_slice($grits, (int) array_search(min($far), $far, true));
        }

        return $taken;
    }

    /**
     * @param  list<Grit>  $available
     * @return list<Grit> coarse to fine, one of each size, from the finest that reaches the marks on
     */
    private static function fromStart(SandingJob $job, array $available): array
    {
        usort($available, fn (Grit $a, Grit $b): int => [$b->micron, $a->name] <=> [$a->micron, $b->name]);
        $sizes = $from = [];
        foreach ($available as $grit) {
            $sizes[(string) $grit->micron] ??= $grit;
        }
        $sizes = array_values($sizes);
        foreach ($sizes as $i => $grit) {
            $from = $job->reachesTheMarks($grit) ? array_slice($sizes, $i) : $from;
        }

        return $from === [] ? $sizes : $from;
    }
}
