<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Wall;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Past;
use HonestGrain\Route\Sanding;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Wood too wet to be finished: refused, but for oil and wax on work that the maker chose to let warp.
 *
 * @internal
 */
final class Wetness
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject, Past $past): array
    {
        $part = $subject->part;
        if (! $subject->isWet() || in_array($subject->id('dry'), $past->done, true)) {
            return [];
        }
        if ($subject->driesFirst()) {
            // What a solid blank weighs says nothing of the rough-out that it becomes.
            $isDated = $past->datedAs !== null && ($past->datedAs->isRough() || ! $subject->isRoughedOut());

            return $isDated ? [] : [Conflict::forbid(
                [$subject->id('dry')], new Said('route.wetness.wood-dries-first-nothing'), [
                    new Said('route.wetness.rack-weigh-three-weighings', [
                        'what' => $subject->isRoughedOut() ? new Said(
                            'route.wetness.rough-out-put',
                        ) : new Said('route.wetness.put-it'),
                    ]),
                    new Said('route.wetness.turn-once-wet-let'),
                ], ConflictCode::WoodDries,
            )];
        }
        $said = new Said('route.wetness.wood-moisture-settles-shop', [
            'moisture' => Quantity::percent(round($part->moisturePercent, 1)),
            'equilibrium' => Quantity::percent(round($subject->bench->equilibriumPercent, 1)),
        ]);
        $choices = [
            $subject->startsAs === StartsAs::Roughed ? new Said('route.wetness.let-dry-first')
                : new Said('route.wetness.rough-out-let-dry'),
            new Said('route.wetness.turn-once-wet-let'),
        ];
        if ($subject->school->wet !== Wet::TurnedOnce) {
            return [Conflict::forbid(self::finishing($subject), $said, $choices, ConflictCode::WetWood)];
        }
        $sealing = [];
        foreach ($part->coatPlans as $plan) {
            foreach ($plan->coats as $coat) {
                if ($coat->coating->buildsFilm() && $subject->isFinishedWet()) {
                    $sealing[] = $coat->id;
                }
            }
        }

        $spun = $subject->isCoatedFreed() ? self::spun($subject) : [];
        if ($spun !== []) {
            return [Conflict::forbid($spun, new Said('route.wetness.spun-once-freed'), [
                new Said('route.wetness.finish-at-once'), new Said('route.wetness.choose-wiped'), $choices[0],
            ], ConflictCode::WetWood), ...self::uneven($subject)];
        }

        return $sealing === []
            ? [...self::uneven($subject), Conflict::warn(self::finishing($subject), new Said(
                'route.wetness.turned-once-from-wet',
            ), [
                new Said('route.wetness.keep-wall-thin-even'), new Said('route.wetness.let-dry-slowly-paper'),
            ])]
            : [
                ...self::uneven($subject), Conflict::warn(
                    $sealing, new Said('route.wetness.film-wet-wood-lifts', ['said' => $said]), [
                        new Said('route.wetness.finish-it-dry'), new Said('route.wetness.choose-oil-or-wax'),
                        $choices[0],
                    ],
                ),
            ];
    }

    /** @return list<string> the coats that go on while it turns */
    private static function spun(PartContext $subject): array
    {
        $coats = array_merge(...array_map(fn (CoatPlan $plan): array => $plan->coats, $subject->part->coatPlans));

        return array_values(array_map(fn (Coat $coat): string => $coat->id, array_filter(
            $coats, fn (Coat $coat): bool => $coat->coating->isSpunOn(),
        )));
    }

    /** @return list<Conflict> where a wall that dries wet is uneven, since it cracks there */
    private static function uneven(PartContext $subject): array
    {
        $inner = $subject->part->profile->inner;
        if ($inner === null) {
            return [];
        }
        [$usual, $off] = Wall::uneven(
            $subject->part->profile->outer, $inner, $subject->calibration->drying->greenUnevenShare,
        );
        if ($off === []) {
            return [];
        }
        usort($off, fn (Wall $a, Wall $b): int => abs($b->minMm - $usual) <=> abs($a->minMm - $usual));
        $worst = $off[0];

        return [Conflict::warn(self::finishing($subject), new Said('route.wetness.wall-rule-up-wet', [
            'usual' => Quantity::mm($usual),
            'min' => Quantity::mm($worst->minMm),
            'z' => Quantity::mm($worst->z),
        ]), [new Said('route.wetness.draw-wall-even-fifth'), new Said('route.wetness.leave-thick-let-dry')])];
    }

    /** @return list<string> the steps that finish the part */
    private static function finishing(PartContext $subject): array
    {
        $steps = array_map(
            fn (Sanding $sanding): string => $subject->id('sand', $sanding->face), array_values($subject->sandings),
        );
        foreach ($subject->part->coatPlans as $plan) {
            $steps = [...$steps, ...array_map(fn (Coat $coat): string => $coat->id, $plan->coats)];
        }

        return $steps;
    }
}
