<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\MediumKind;
use HonestGrain\Abrasive\ProgressionFault;
use HonestGrain\Abrasive\ProgressionFaultKind;
use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Coating\FilmKind;
use HonestGrain\Coating\Solvent;
use HonestGrain\Coating\Stack;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\School\Sealer;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Internal\Work\SandingBreak;
use HonestGrain\Route\Internal\Work\SandingRun;
use HonestGrain\Route\Sanding;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

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
        foreach ($subject->sandings as $sanding) {
            $step = $subject->id('sand', $sanding->face);
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
            [$step], new Said('route.sanding-conflicts.not-sanded-way-you', [
                'id' => $sanding->face->said(),
                'objection' => $way->objection,
            ]),
            [
                new Said('route.sanding-conflicts.sand-it', ['method' => $way->method->label()]),
                new Said('route.sanding-conflicts.choose-another-way'),
            ],
        )];
    }

    /**
     * What is sanded with oil is oiled.
     *
     * @return list<Conflict>
     */
    private static function ofOil(PartContext $subject, Sanding $sanding, string $step): array
    {
        $face = $sanding->face;
        $first = $subject->part->coatPlanFor($face)?->first();
        $dyes = array_filter($subject->part->marksOn($face), fn (Mark $mark): bool => $mark->colours());
        if ($sanding->way->wet !== Lubricant::Oil) {
            return [];
        }
        if ($dyes !== []) {
            return [Conflict::forbid(
                [$step, ...array_map(fn (Mark $mark): string => $mark->id(), array_values($dyes))],
                new Said('route.sanding-conflicts.sanded-oil-colour-does', ['face' => $face->said()]),
                [
                    new Said('route.sanding-conflicts.sand-dry-or-water'),
                    new Said('route.sanding-conflicts.leave-colour-out'),
                ], ConflictCode::Oiled,
            )];
        }

        return $first === null || $first->film === FilmKind::Penetrating ? [] : [Conflict::warn(
            [$step, $subject->part->coatPlanFor($face)->coats[0]->id ?? ''],
            new Said(
                'route.sanding-conflicts.sanded-oil-so-oiled', ['face' => $face->said(), 'class' => $first->name()],
            ),
            [new Said('route.sanding-conflicts.finish-oil'), new Said(
                'route.sanding-conflicts.let-oil-cure-through',
            ), new Said('route.sanding-conflicts.strip-solvent-wait-day'),
                new Said('route.sanding-conflicts.sand-dry')],
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
        $plan = $subject->part->coatPlanFor($sanding->face);
        $first = $plan?->first();
        $steps = [$step, ...$first === null ? [] : [$plan->coats[0]->id]];
        $leavesWax = array_filter($kinds, fn (?MediumKind $kind): bool => $kind?->leavesWax() === true) !== [];
        $conflicts = [];
        $takesWax = $first === null || $first->isPolish() || $first->isWax() || $first->isAbrasivePaste()
            || $first->neverCures();
        if ($leavesWax && ! $takesWax) {
            $conflicts[] = Conflict::warn(
                $steps, new Said('route.sanding-conflicts.paste-compound-leave-trace', ['class' => $first->name()]),
                [$first->solvent === Solvent::Alcohol ? new Said('route.sanding-conflicts.wipe-spirit-let-flash')
                    : new Said(
                        'route.sanding-conflicts.wash-off-twice-mineral',
                    ), new Said('route.sanding-conflicts.polish-or-wax-over'),
                    new Said('route.sanding-conflicts.stop-before-paste')],
            );
        }
        $iron = in_array(MediumKind::Wool, $kinds, true)
            ? Stack::steelWool($subject->part->wood, $first, true) : null;
        if ($iron !== null) {
            $conflicts[] = Conflict::forbid(
                $steps, $iron->reason, [
                    new Said('route.sanding-conflicts.non-woven-pad-same'),
                    new Said('route.sanding-conflicts.stop-before-wool'),
                ], ConflictCode::Iron,
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
                $dissolved[$mark->id()] = new Said('route.sanding-conflicts.alcohol-dye');
            }
        }
        foreach ($isAlways || self::wipesSealer($subject) ? $subject->part->coatPlans : [] as $plan) {
            if ($plan->first()?->solvent === Solvent::Alcohol
                && $subject->school->sealer !== Sealer::AfterSanding) {
                $dissolved[$plan->coats[0]->id] = 'shellac';
            }
        }

        return $dissolved === [] ? [] : [Conflict::warn(
            array_keys($dissolved), new Said('route.sanding-conflicts.you-wipe-off-alcohol', [
                'what' => array_values(array_unique($dissolved, SORT_REGULAR)),
            ]),
            [
                new Said('route.sanding-conflicts.wipe-dry-cloth-where'),
                new Said('route.sanding-conflicts.blow-off-dry-air'),
            ],
        )];
    }

    /** Whether a grit after which the maker wants it wiped with alcohol comes on the sealer. */
    private static function wipesSealer(PartContext $subject): bool
    {
        foreach ($subject->sandings as $sanding) {
            foreach (SandingRun::all($subject, $sanding) as $run) {
                $isOn = $run->isOverSealer || $subject->school->sealer === Sealer::BeforeSanding;
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
            [$step], $sanding->unpriced, [
                new Said('route.sanding-conflicts.type-hardness-shelf'),
                new Said('route.sanding-conflicts.say-which-wood-like'),
            ], ConflictCode::Unpriced,
        )];
        if ($sanding->missing !== null && $sanding->own === null) {
            $choices = [
                new Said('route.sanding-conflicts.put-grit-your-shelf'),
                new Said('route.sanding-conflicts.sand-your-own-way'),
                new Said('route.sanding-conflicts.choose-first-coat-asks'),
            ];
            $conflicts[] = $sanding->borrowed
                ? Conflict::forbid([$step], $sanding->missing, array_slice($choices, 0, 2), ConflictCode::Unpriced)
                : Conflict::warn([$step], $sanding->missing, $choices);
        }
        foreach (($sanding->own ?? $sanding->best)->warnings ?? [] as $warning) {
            $conflicts[] = Conflict::warn(
                [$step], $warning, [
                    new Said('route.sanding-conflicts.put-coarser-grit-your'),
                    new Said('route.sanding-conflicts.cut-surface-again'),
                ],
            );
        }
        if ($sanding->asked->contradictsItself()) {
            $conflicts[] = Conflict::warn(
                [$step],
                new Said('route.sanding-conflicts.what-comes-asks-grains', [
                    'limitMicron' => Quantity::um($sanding->asked->limitMicron),
                    'floorMicron' => Quantity::um($sanding->asked->floorMicron ?? 0),
                ]),
                [
                    new Said('route.sanding-conflicts.choose-film-over-dye'),
                    new Said('route.sanding-conflicts.leave-dye-out'),
                ],
            );
        }
        foreach (array_filter(
            $sanding->own->faults ?? [],
            fn (ProgressionFault $fault): bool => $fault->kind !== ProgressionFaultKind::Needless,
        ) as $fault) {
            $conflicts[] = Conflict::warn([$step], $fault->message, [
                new Said('route.sanding-conflicts.use-shortest-ladder'),
                new Said('route.sanding-conflicts.add-grit-between'),
            ]);
        }

        return $conflicts;
    }
}
