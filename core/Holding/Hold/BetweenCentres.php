<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Two ends between the drive and the tail centre: all round is free, an inside is not. */
final readonly class BetweenCentres implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $bed = $rig->equipment->lathe?->bedMm;
        $figures = $rig->calibration->holds;
        $isInside = $work->stage === HoldStage::Inside && $work->isHollow();
        $room = $figures->coreMm + 2 * $figures->coreRoomMm;

        return new Grip(not: array_values(array_filter([
            $bed !== null && $work->size->heightMm > $bed ? new Said('holding.hold.over-bed', [
                'long' => Quantity::mm($work->size->heightMm), 'bed' => Quantity::mm($bed),
            ]) : null,
            $isInside && ! $work->keepsCore ? new Said('holding.hold.core', [
                'core' => Quantity::mm($figures->coreMm),
            ]) : null,
            $isInside && $work->keepsCore && $work->mouthMm() < $room ? new Said('holding.hold.core-room', [
                'mouth' => Quantity::mm($work->mouthMm()), 'room' => Quantity::mm($room),
            ]) : null,
        ])), how: array_values(array_filter([
            $work->wood->mayFly ? new Said('holding.hold.spur-across') : null,
            $work->size->heightMm > $figures->slenderTimes * $work->size->diameterMm ? new Said(
                'holding.hold.'.($rig->equipment->owns(Mount::Steady) ? 'steady-half-way' : 'slender-spindle'),
                ['times' => Quantity::number(round($work->size->heightMm / $work->size->diameterMm))],
            ) : null,
            $isInside ? new Said('holding.hold.round-a-core', ['core' => Quantity::mm($figures->coreMm)]) : null,
        ])));
    }
}
