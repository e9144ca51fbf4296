<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Air drawn from behind a closed wall. */
final readonly class Vacuum implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $figures = $rig->calibration->holds;
        $seal = $rig->isMeasured() ? $rig->sizeMm() ?? 0.0
            : min($rig->sizeMm() ?? 0.0, $work->mouthMm() - 2 * $figures->sealEdgeMm);
        $floor = $work->profile->floorMm();
        $least = $seal * $figures->vacuumFloorShare;

        return new Grip(not: array_values(array_filter([
            $work->wood->isOpen || $work->wood->mayFly ? new Said('holding.hold.leaks') : null,
            $work->wood->isPorous && ! $work->isSide() ? new Said('holding.hold.pores') : null,
            $work->wood->isTrue && ! $work->wood->hasBrokenRim ? null : new Said('holding.hold.out-of-round', [
                'most' => Quantity::mm($figures->roundMm),
            ]),
            $seal > $work->mouthMm() || $seal < $figures->sealLeastMm ? new Said('holding.hold.seal-wide', [
                'seal' => Quantity::mm($seal), 'mouth' => Quantity::mm($work->mouthMm()),
            ]) : null,
            $floor !== null && $floor < $least ? new Said('holding.hold.implodes', [
                'floor' => Quantity::mm($floor), 'seal' => Quantity::mm($seal), 'least' => Quantity::mm($least),
            ]) : null,
        ])), how: [new Said('holding.hold.vacuum', [
            'seal' => Quantity::mm($seal), 'force' => Quantity::count(round($this->forceN($seal, $rig))),
        ])], size: ['seal_mm' => round($seal, 1), 'force_n' => round($this->forceN($seal, $rig), 1)]);
    }

    /** Of its seal's area, at full draw. */
    private function forceN(float $sealMm, Rig $rig): float
    {
        return $rig->calibration->holds->vacuumN * M_PI / 4 * max(0.0, $sealMm) ** 2;
    }
}
