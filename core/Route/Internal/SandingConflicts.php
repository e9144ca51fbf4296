<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\MediumKind;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\Solvent;
use HonestGrain\Coating\Stack;
use HonestGrain\Piece\Mark;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Internal\Work\SandingBreak;
use HonestGrain\Route\Internal\Work\SandingRun;
use HonestGrain\Route\Sanding;

/**
 * What does not go together in the sanding of a part: grits that are not there, a method that its face does not allow,
 * oil or water in the wood, alcohol over what alcohol dissolves.
 *
 * @internal
 */
final class SandingConflicts
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        $conflicts = [];
        foreach ($subject->sandings as $face => $sanding) {
            $step = $subject->id('sand', $face);
            $conflicts = [
                ...$conflicts, ...self::ofGrits($sanding, $step), ...self::ofWay($sanding, $step),
                ...self::ofOil($subject, $sanding, $step), ...self::ofMedia($subject, $sanding, $step),
            ];
        }

        return [...$conflicts, ...self::ofAlcohol($subject)];
    }

    /** @return list<Conflict> */
    private static function ofWay(Sanding $sanding, string $step): array
    {
        $way = $sanding->way;

        return $way->objection === null ? [] : [Conflict::warn(
            [$step], "The {$sanding->zone->id} is not sanded the way you chose: $way->objection.",
            ["Sand it {$way->method->label()}", 'Choose another way'],
        )];
    }

    /**
     * What is sanded with oil is oiled.
     *
     * @return list<Conflict>
     */
    private static function ofOil(PartContext $subject, Sanding $sanding, string $step): array
    {
        $face = $sanding->zone->id;
        $first = $subject->part->coatPlanFor($face)?->first();
        $dyes = array_filter($subject->part->marksOn($face), fn (Mark $mark): bool => $mark->colours());
        if ($sanding->way->wet !== Lubricant::Oil) {
            return [];
        }
        if ($dyes !== []) {
            return [Conflict::forbid(
                [$step, ...array_map(fn (Mark $mark): string => $mark->id(), array_values($dyes))],
                "The $face is sanded with oil, and colour does not take on oiled wood.",
                ['Sand it dry or with water', 'Leave the colour out'], 'oiled',
            )];
        }

        return $first === null || $first->film === FilmKind::Penetrating ? [] : [Conflict::warn(
            [$step, $subject->part->coatPlanFor($face)->coats[0]->id ?? ''],
            "The $face is sanded with oil, so that it is oiled already when {$first->class} comes on it.",
            ['Finish it with oil', 'Let the oil cure through first', 'Strip it with its solvent, and wait a day',
                'Sand it dry'],
        )];
    }

    /**
     * What paste, compound and steel wool leave in the wood.
     *
     * @return list<Conflict>
     */
    private static function ofMedia(PartContext $subject, Sanding $sanding, string $step): array
    {
        $kinds = array_map(fn (Rung $rung): ?MediumKind => $rung->grit->kind, $sanding->rungs());
        $plan = $subject->part->coatPlanFor($sanding->zone->id);
        $first = $plan?->first();
        $steps = [$step, ...$first === null ? [] : [$plan->coats[0]->id]];
        $leavesWax = array_filter($kinds, fn (?MediumKind $kind): bool => $kind?->leavesWax() === true) !== [];
        $conflicts = [];
        $takesWax = $first === null || $first->isPolish() || $first->isWax() || $first->isAbrasivePaste()
            || $first->neverCures();
        if ($leavesWax && ! $takesWax) {
            $conflicts[] = Conflict::warn(
                $steps, "Paste and compound leave a trace of wax, and {$first->class} may not hold over it.",
                [$first->solvent === Solvent::Alcohol ? 'Wipe it with spirit, and let it flash off'
                    : 'Wash it off twice with mineral spirits, and try it on a test board', 'Polish or wax over paste',
                    'Stop before the paste'],
            );
        }
        $iron = in_array(MediumKind::Wool, $kinds, true)
            ? Stack::steelWool($subject->part->wood, $first, true) : null;
        if ($iron !== null) {
            $conflicts[] = Conflict::forbid(
                $steps, $iron->reason, ['A non-woven pad of the same size', 'Stop before the wool'], 'iron',
            );
        }

        return $conflicts;
    }

    /**
     * Alcohol between grits takes off shellac and alcohol dye.
     *
     * @return list<Conflict>
     */
    private static function ofAlcohol(PartContext $subject): array
    {
        $dissolved = [];
        $isAlways = $subject->wiping() === Wiping::Alcohol;
        foreach ($isAlways ? $subject->part->marks : [] as $mark) {
            if ($mark->stain?->carrier === Solvent::Alcohol) {
                $dissolved[$mark->id()] = 'alcohol dye';
            }
        }
        foreach ($isAlways || self::wipesSealer($subject) ? $subject->part->coatPlans : [] as $plan) {
            if ($plan->first()?->solvent === Solvent::Alcohol
                && $subject->school->choice('sealer', 'after-sanding') !== 'after-sanding') {
                $dissolved[$plan->coats[0]->id] = 'shellac';
            }
        }

        return $dissolved === [] ? [] : [Conflict::warn(
            array_keys($dissolved), 'You wipe off with alcohol between grits: it dissolves the '
                .implode(' and the ', array_unique($dissolved)).' there.',
            ['Wipe with a dry cloth where that is on', 'Blow it off with dry air'],
        )];
    }

    /** Whether a grit after which the maker wants it wiped with alcohol comes on the sealer. */
    private static function wipesSealer(PartContext $subject): bool
    {
        foreach ($subject->sandings as $sanding) {
            foreach (SandingRun::all($subject, $sanding) as $run) {
                $isOn = $run->isOverSealer || $subject->school->choice('sealer', '') === 'before-sanding';
                $alcohol = array_filter(
                    $run->breaks, fn (SandingBreak $break): bool => $break->with === Wiping::Alcohol,
                );
                if ($isOn && $alcohol !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Conflict> */
    private static function ofGrits(Sanding $sanding, string $step): array
    {
        $conflicts = $sanding->unpriced === null ? [] : [Conflict::forbid(
            [$step], $sanding->unpriced, ['Type its hardness on the Shelf', 'Say which wood it is like'], 'unpriced',
        )];
        if ($sanding->missing !== null && $sanding->own === null) {
            $choices = ['Put the grit on your shelf', 'Sand in your own way', 'Choose a first coat that asks for less'];
            $conflicts[] = $sanding->borrowed
                ? Conflict::forbid([$step], $sanding->missing, array_slice($choices, 0, 2), 'unpriced')
                : Conflict::warn([$step], $sanding->missing, $choices);
        }
        foreach (($sanding->own ?? $sanding->best)->warnings ?? [] as $warning) {
            $conflicts[] = Conflict::warn(
                [$step], $warning, ['Put a coarser grit on your shelf', 'Cut the surface again'],
            );
        }
        if ($sanding->asked->contradictsItself()) {
            $conflicts[] = Conflict::warn(
                [$step],
                sprintf(
                    'What comes on it asks for grains of %.1f µm or finer, the dye for %.1f µm or coarser.',
                    $sanding->asked->limitMicron, $sanding->asked->floorMicron ?? 0,
                ),
                ['Choose a film over the dye', 'Leave the dye out'],
            );
        }
        foreach (array_filter(
            $sanding->own->faults ?? [], fn (ProgressionFault $fault): bool => $fault->kind !== 'needless',
        ) as $fault) {
            $conflicts[] = Conflict::warn([$step], $fault->message, ['Use the shortest ladder', 'Add a grit between']);
        }

        return $conflicts;
    }
}
