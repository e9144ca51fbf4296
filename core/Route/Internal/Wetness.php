<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Geometry\Wall;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Past;

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
                [$subject->id('dry')], 'The wood dries first, and nothing says until when.', [
                    ($subject->isRoughedOut() ? 'Rough it out, put it' : 'Put it')
                        .' on the rack and weigh it: three weighings give a date',
                    'Turn it once, wet, and let it warp: oil or wax only',
                ], Conflict::WOOD_DRIES,
            )];
        }
        $said = sprintf(
            'The wood is at %s %% moisture and settles at %s %% in this shop: it would move under its finish.',
            round($part->moisturePercent, 1), round($subject->bench->equilibriumPercent, 1),
        );
        $choices = [
            $subject->piece->startsAs === StartsAs::Roughed ? 'Let it dry first'
                : 'Rough it out and let it dry first',
            'Turn it once, wet, and let it warp: oil or wax only',
        ];
        if ($subject->school->choice('wet', '') !== 'turned-once') {
            return [Conflict::forbid(self::finishing($subject), $said, $choices, 'wet-wood')];
        }
        $sealing = [];
        foreach ($part->coatPlans as $plan) {
            foreach ($plan->coats as $coat) {
                if ($coat->coating->buildsFilm()) {
                    $sealing[] = $coat->id;
                }
            }
        }

        return $sealing === []
            ? [...self::uneven($subject), Conflict::warn(self::finishing($subject), 'Turned once from wet wood: it '
                .'dries in its finish and may warp and crack.', [
                    'Keep the wall thin and even', 'Let it dry slowly, in paper',
                ])]
            : [
                Conflict::forbid(
                    $sealing, "$said A film on wet wood lifts.", ['Choose oil or wax', $choices[0]], 'wet-wood',
                ),
            ];
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

        return [Conflict::warn(self::finishing($subject), sprintf(
            'The wall is %.1f mm as a rule and %.1f mm at %.0f mm up: wet, an uneven wall cracks there.', $usual,
            $worst->minMm, $worst->z,
        ), ['Draw the wall even to a fifth', 'Leave it thick and let it dry as a rough-out'])];
    }

    /** @return list<string> the steps that finish the part */
    private static function finishing(PartContext $subject): array
    {
        $steps = array_map(
            fn (string $face): string => $subject->id('sand', $face), array_keys($subject->sandings),
        );
        foreach ($subject->part->coatPlans as $plan) {
            $steps = [...$steps, ...array_map(fn (Coat $coat): string => $coat->id, $plan->coats)];
        }

        return $steps;
    }
}
