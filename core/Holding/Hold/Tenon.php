<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\JawFit;
use HonestGrain\Holding\JawSet;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Jaws closed on a tenon: as wide as the work is wide and high, and no jaws closed further than they go. */
final readonly class Tenon implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $figures = $rig->calibration->holds;
        [$across, $high] = [$work->size->diameterMm, $work->size->heightMm];
        $share = $work->isSide() ? $figures->tenonShare : 0.0;
        $slender = $work->isSide() ? $figures->tenonTailShare : 0.0;
        $far = $high / $rig->limits->overhangWarned($work->grain);
        $least = max($share * $across, $high / $rig->limits->overhang($work->grain));
        $tries = [
            [$least, null], [max($share * $across, $far), 'stands-far-out'], [max($slender * $across, $far), 'tail-up'],
        ];
        if (! $work->isHollow() || $rig->equipment->owns(Mount::Steady)) {
            $tries[] = [
                max($slender * $across, $high / $rig->limits->overhangHeld()),
                $work->isHollow() ? 'steady-or-tail' : 'tail-up',
            ];
        }
        // What wants the tail centre is none for who takes it away.
        $tries = array_filter($tries, fn (array $try): bool => ! $work->isTailEarly
            || ! in_array($try[1], ['tail-up', 'steady-or-tail'], true));
        // Of jaws that nobody listed, as wide as is usual.
        $stout = $rig->equipment->jaws === []
            ? min($figures->tenonShare * $across, $across - $figures->shoulderMm) : 0.0;
        foreach ($tries as [$mm, $warned]) {
            $fit = JawFit::of($rig->equipment->jaws, false, max($mm, $stout), $across - $figures->shoulderMm, $figures);
            if ($fit !== null) {
                return $this->sized($work, $rig, $fit, $warned);
            }
        }
        $widest = array_map(fn (JawSet $set): float => $set->tenonMm[1] ?? 0.0, $rig->equipment->jaws);

        return Grip::refused($widest === [] || $least > $across ? new Said('holding.hold.too-slender', [
            'least' => Quantity::mm($least), 'across' => Quantity::mm($across),
        ]) : new Said('holding.hold.no-jaws', [
            'least' => Quantity::mm($least), 'most' => Quantity::mm(max($widest)),
        ]));
    }

    private function sized(Workpiece $work, Rig $rig, JawFit $fit, ?string $warned): Grip
    {
        $figures = $rig->calibration->holds;
        $isDeep = $work->wood->isWet || $work->size->kg() > $figures->tenonHeavyKg;
        $wanted = $isDeep ? $figures->tenonWetMm : $rig->calibration->stock->tenonMm;
        $long = min($wanted, ($fit->set->depthMm ?? INF) - $figures->tenonFloorMm);

        return new Grip(
            how: array_values(array_filter([
                new Said($fit->set === null ? 'holding.hold.tenon-at-least' : 'holding.hold.tenon', [
                    'across' => Quantity::mm($fit->diameterMm), 'long' => Quantity::mm($long),
                    'jaws' => $fit->set->name ?? '', 'sloped' => $fit->set?->sloped('holding.hold.tenon-sloped'),
                ]),
                $fit->isBest ? null : new Said('holding.hold.jaws-wide'),
                $long < $figures->tenonLeastMm ? new Said('holding.hold.tenon-short', [
                    'least' => Quantity::mm($figures->tenonLeastMm),
                ]) : null,
                $warned === null ? null : new Said("holding.hold.$warned", [
                    'times' => Quantity::number(round($work->size->heightMm / $fit->diameterMm, 1)),
                    'share' => Quantity::share($fit->diameterMm / $work->size->diameterMm),
                ]),
                $work->wood->isWet ? new Said('holding.hold.tighten-wet') : null,
            ])),
            size: [
                'diameter_mm' => $fit->diameterMm, 'length_mm' => round($long, 1), 'jaws' => $fit->set?->name,
            ],
            most: in_array($warned, ['tail-up', 'steady-or-tail'], true) ? Speed::rim(
                $work->size->diameterMm, $figures->tenonTailMPerS, 'slender-tenon',
            ) : null,
        );
    }
}
