<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Lathe;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\ConflictCode;
use HonestGrain\Route\Internal\Work\PartContext;
use HonestGrain\Route\Sanding;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A part that the shop's lathe does not take: too wide to swing over its bed, or too long between its centres.
 *
 * @internal
 */
final class LatheLimits
{
    /** @return list<Conflict> */
    public static function of(PartContext $subject): array
    {
        $lathe = $subject->bench->equipment->lathe;
        if ($lathe === null) {
            return [];
        }
        $blank = $subject->blank();
        $isEntered = $subject->startsAs === StartsAs::Blank
            && $subject->piece->stockOf($subject->part) !== null;
        $across = max($subject->part->profile->diameterMm(), $isEntered ? $blank->swingsMm : 0.0);
        $long = $blank->highMm;
        $steps = array_map(
            fn (Sanding $sanding): string => $subject->id('sand', $sanding->face), array_values($subject->sandings),
        );
        $conflicts = self::tooFast($subject, $lathe);
        if ($across > $lathe->swingMm) {
            $conflicts[] = Conflict::forbid($steps, new Said('route.lathe-limits.across-lathe-swings', [
                'across' => Quantity::mm($across),
                'swing' => Quantity::mm($lathe->swingMm),
            ]), [
                new Said('route.lathe-limits.draw-narrower'), new Said('route.lathe-limits.turn-lathe-swings'),
            ], ConflictCode::Swing);
        }
        if ($subject->part->holding === Holding::BetweenCentres && $long > $lathe->bedMm) {
            $conflicts[] = Conflict::forbid($steps, new Said('route.lathe-limits.long-what-parted-off', [
                'long' => Quantity::mm($long),
                'bed' => Quantity::mm($lathe->bedMm),
            ]), [
                new Said('route.lathe-limits.draw-shorter'), new Said('route.lathe-limits.turn-two-parts-joined'),
            ], ConflictCode::Swing);
        }

        return $conflicts;
    }

    /** @return list<Conflict> where work would have to turn slower than the lathe can */
    private static function tooFast(PartContext $subject, Lathe $lathe): array
    {
        $sanded = array_filter($subject->sandings, fn (Sanding $sanding): bool => ! $sanding->stopped()
            && $sanding->way->turns->rpm < $lathe->leastRpm);
        [$id, $cut] = self::slowestCut($subject);

        return [
            ...$cut === null || $cut->rpm >= $lathe->leastRpm ? [] : [Conflict::forbid(
                [$id], self::says('route.lathe-limits.too-fast', $cut, $lathe), [
                    new Said('route.lathe-limits.balance-it'), new Said('route.lathe-limits.slower-pulley'),
                    new Said('route.lathe-limits.draw-smaller'),
                ], ConflictCode::TooFast,
            )],
            ...$sanded === [] ? [] : [Conflict::forbid(
                array_values(array_map(
                    fn (Sanding $sanding): string => $subject->id('sand', $sanding->face), $sanded,
                )),
                self::says('route.lathe-limits.sanded-too-fast', reset($sanded)->way->turns, $lathe), [
                    new Said('route.lathe-limits.sand-stopped'), new Said('route.lathe-limits.slower-pulley'),
                ], ConflictCode::TooFast,
            )],
        ];
    }

    /** @return array{string, Speed|null} the step that turns slowest of those that cut, where it is not true yet */
    private static function slowestCut(PartContext $subject): array
    {
        $across = $subject->part->profile->diameterMm();

        return match (true) {
            $subject->isTrued() && $subject->positions->has(Stance::Truing) => [
                $subject->id('true'), $subject->rimSpeed()->under(...$subject->bench->equipment->speeds(
                    $subject->calibration->speed, $subject->positions->at(Stance::Truing)->mount, $across, false,
                )),
            ],
            $subject->startsAs === StartsAs::Blank => [$subject->id('rough'), $subject->startingSpeed(
                $subject->positions->has(Stance::First) ? Stance::First : Stance::Main, $subject->blank()->swingsMm,
                $subject->blank()->highMm,
            )->start],
            default => ['', null],
        };
    }

    private static function says(string $line, Speed $speed, Lathe $lathe): Said
    {
        return new Said($line, [
            'rpm' => Quantity::rpm($speed->rpm), 'binds' => $speed->binds, 'least' => Quantity::rpm($lathe->leastRpm),
        ]);
    }
}
