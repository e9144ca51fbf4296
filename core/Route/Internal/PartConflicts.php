<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Layer;
use HonestGrain\Coating\Laying;
use HonestGrain\Coating\Stack;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Standing;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Warning;
use HonestGrain\Geometry\WarningCode;
use HonestGrain\Lathework\WoodSuits;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\FlawKind;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\LayerWaits;
use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Finds the wishes of a piece that do not go together.
 *
 * @internal
 */
final class PartConflicts
{
    /**
     * @return list<Conflict>
     */
    public static function of(Piece $piece, Part $part, Measurement $measured, Tables $tables): array
    {
        $conflicts = [];
        $measured = $piece->standsOn($part) ? $measured : $measured->ofWhatDoesNotStand();
        foreach ($measured->warnings as $warning) {
            if (in_array($warning->code, [
                WarningCode::ThinWall, WarningCode::ThinFloor, WarningCode::RockingFoot, WarningCode::LowOutside,
            ], true)) {
                $conflicts[] = Conflict::warn(
                    [], $warning->message,
                    [new Said('route.part-conflicts.change-shape'), new Said('route.part-conflicts.go-care')],
                );
            }
        }
        foreach ($part->coatPlansByFace() as $plan) {
            $conflicts = [
                ...$conflicts, ...self::ofPlan($part, $plan, $tables->pairs),
                ...self::ofPolish($part, $plan, $measured, $tables->calibration->coats),
                ...self::ofLiner($plan, $measured),
            ];
        }

        $conflicts = [
            ...$conflicts, ...self::ofPith($part, $tables), ...self::ofStanding($piece, $part, $tables),
            ...self::ofThinWall($part, $measured, $tables),
        ];

        return [
            ...$conflicts, ...MarkConflicts::of($piece, $part, $tables),
            ...Contents::of($piece, $part, $tables), ...self::ofFlaws($part),
        ];
    }

    /** @return list<Conflict> a wall thinner than is advised in its wood */
    private static function ofThinWall(Part $part, Measurement $measured, Tables $tables): array
    {
        $least = (new WoodSuits($part->wood, $tables->calibration->woods))->leastWallMm;
        $wall = $measured->wall->minMm ?? INF;

        return $least === null || $wall >= $least ? [] : [Conflict::warn([], new Said(
            'route.part-conflicts.thin-for-wood', [
                'wood' => $part->wood->said(), 'wall' => Quantity::mm($wall), 'least' => Quantity::mm($least),
            ],
        ), [new Said('route.part-conflicts.thicker-wall'), new Said('route.part-conflicts.harden-first')])];
    }

    /** @return list<Conflict> what falls over too easily by itself */
    private static function ofStanding(Piece $piece, Part $part, Tables $tables): array
    {
        $least = $tables->calibration->shape->leastTipDeg;
        $standing = $piece->standsOn($part) ? Standing::of($part->profile) : null;

        return $standing === null || $standing->tipsDeg() >= $least ? [] : [Conflict::warn([], new Said(
            'route.part-conflicts.tips-over', [
                'tips' => Quantity::degrees($standing->tipsDeg()), 'centre' => Quantity::mm($standing->centreMm),
                'foot' => Quantity::mm(2 * $standing->ringMm),
            ],
        ), [new Said('route.part-conflicts.wider-foot'), new Said('route.part-conflicts.go-care')])];
    }

    /** @return list<Conflict> a cracked pith up a stem, where nothing that is bored out or glued helps */
    private static function ofPith(Part $part, Tables $tables): array
    {
        $figures = $tables->calibration->holds;
        $profile = $part->profile;
        $stem = 2 * $profile->outer->narrowestBetween($profile->standsOn()->arcMm, $profile->outer->lengthMm());
        $pith = array_filter($part->flaws, fn (Flaw $flaw): bool => $flaw->kind === FlawKind::Pith);
        if ($pith === [] || $part->grain !== GrainDirection::End || $profile->inner === null
            || $stem >= $figures->stemShare * $profile->diameterMm()) {
            return [];
        }

        return [Conflict::forbid(
            array_map(fn (Flaw $flaw): string => $flaw->id, array_values($pith)),
            new Said('route.repair.pith-in-a-stem', [
                'part' => FirstLetter::small($part->name), 'thin' => Quantity::mm($stem),
            ]), [new Said('route.repair.another-blank')],
        )];
    }

    /** @return list<Conflict> */
    private static function ofPlan(Part $part, CoatPlan $plan, Compatibility $pairs): array
    {
        $conflicts = [];
        $steps = [];
        $layers = [];
        foreach ($plan->coats as $i => $coat) {
            $below = $plan->coats[$i - 1] ?? null;
            $hours = $below === null ? null : LayerWaits::before(
                $pairs, $below->coating, $coat->coating, $coat->denib,
            );
            $layers[] = new Layer($coat->coating, $coat->denib, $hours);
            $steps[] = $coat->id;
        }
        $last = $plan->coats[count($plan->coats) - 1] ?? null;
        $conflicts[] = self::outOfSheen($plan);
        $wool = $plan->buff === BuffWith::Wool ? Stack::steelWool($part->wood, null, false) : null;
        $conflicts[] = $wool === null ? null : Conflict::ofPair($wool, ["$plan->id/buff"]);
        $stack = Stack::judge($pairs, $part->wood, $layers);
        foreach ($stack->pairs as $i => $pair) {
            $conflicts[] = Conflict::ofPair($pair, [$steps[$i], $steps[$i + 1]]);
        }
        foreach ($stack->notes as $note) {
            $conflicts[] = Conflict::ofPair($note, $steps);
        }
        foreach ($plan->overColours($part->marksInOrder(), $pairs) as [$mark, $pair]) {
            $conflicts[] = Conflict::ofPair($pair, [$mark->id(), $steps[0]]);
        }

        return array_values(array_filter($conflicts));
    }

    /**
     * Polish that is laid on faster than it dries, or where no cloth keeps up with it.
     *
     * @return list<Conflict>
     */
    private static function ofPolish(Part $part, CoatPlan $plan, Measurement $measured, CoatFigures $figures): array
    {
        $polish = array_values(array_filter($plan->coats, fn (Coat $coat): bool => $coat->coating->isPolish()));
        if ($polish === []) {
            return [];
        }
        $conflicts = [];
        foreach ($plan->zones as $face) {
            $zone = $measured->face($face);
            if ($zone !== null && $zone->areaMm2 > 100 * $figures->polishMostCm2) {
                $conflicts[] = Conflict::warn([$polish[0]->id],
                    new Said('route.part-conflicts.over-above-dries-before', [
                        'class' => $polish[0]->coating->name(),
                        'area' => Quantity::cm2($zone->areaMm2 / 100),
                        'face' => $face->said(),
                        'polishMostCm' => Quantity::cm2($figures->polishMostCm2),
                    ]), [
                        new Said('route.part-conflicts.work-bands-each-finish'),
                        new Said('route.part-conflicts.take-wiping-varnish-or'),
                    ]);
            }
        }
        $inner = in_array(Face::Inside, $plan->zones, true) ? $part->profile->inner : null;
        $deep = $inner === null ? 0.0 : $inner->first()->z - $inner->last()->z;
        if ($inner !== null && $deep > 2 * $inner->first()->r) {
            $conflicts[] = Conflict::warn([$polish[0]->id], new Said('route.part-conflicts.inside-deep-under-mouth', [
                'class' => $polish[0]->coating->name(),
                'deep' => Quantity::mm($deep),
                'what' => Quantity::mm(2 * $inner->first()->r),
            ]), [
                new Said('route.part-conflicts.leave-inside-bare-or'),
                new Said('route.part-conflicts.wipe-thin-coats-pad'),
            ]);
        }

        return $conflicts;
    }

    /**
     * What is poured into an inside that leans back over itself.
     *
     * @return list<Conflict>
     */
    private static function ofLiner(CoatPlan $plan, Measurement $measured): array
    {
        $poured = array_filter($plan->coats, fn (Coat $coat): bool => $coat->coating->applied === Laying::Poured);
        $undercut = array_filter(
            $measured->warnings, fn (Warning $warning): bool => $warning->code === WarningCode::Undercut,
        );
        if ($poured === [] || $undercut === [] || ! in_array(Face::Inside, $plan->zones, true)) {
            return [];
        }
        $steps = array_values(array_map(fn (Coat $coat): string => $coat->id, $poured));

        return [Conflict::warn(
            $steps, new Said('route.part-conflicts.inside-wider-than-narrowest'),
            [
                new Said('route.part-conflicts.bore-inside-straight'),
                new Said('route.part-conflicts.turn-piece-while-liner'),
            ],
        )];
    }

    /** The sheen asked for that the last coat does not come to; null where it does, or none was asked for. */
    private static function outOfSheen(CoatPlan $plan): ?Conflict
    {
        $last = $plan->coats[count($plan->coats) - 1] ?? null;
        $short = $last === null ? null : $plan->sheen?->outOfReach($last->coating);

        return $last === null || $plan->sheen === null || $short === null ? null : Conflict::warn(
            [$last->id], new Said('route.part-conflicts.you-want', [
                'sheen' => $plan->sheen->label(),
                'short' => $short,
            ]),
            [
                new Said('route.part-conflicts.ask-another-sheen'),
                new Said('route.part-conflicts.choose-another-last-coat'),
            ],
        );
    }

    /** @return list<Conflict> */
    private static function ofFlaws(Part $part): array
    {
        $conflicts = [];
        $bites = $part->holding->isCut();
        foreach ($part->flaws as $flaw) {
            if ($bites && $flaw->on === Surface::Foot && $flaw->kind->weakensHold()) {
                $conflicts[] = Conflict::warn(
                    ["$part->id/mount"],
                    new Said('route.part-conflicts.lies-foot-cut-across', [
                        'kind' => $flaw->kind->label(),
                        'holding' => $part->holding->said(),
                    ]),
                    [
                        new Said('route.part-conflicts.hold-glued-waste-block'),
                        new Said('route.part-conflicts.mend-first-keep-tail'),
                    ],
                );
            }
        }

        return $conflicts;
    }
}
