<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Padded jaws that reach over the rim, or round a foot ring. */
final readonly class WideJaws implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $reach = $rig->sizeMm() ?? 0.0;
        [$across, $high] = [$work->size->diameterMm, $work->size->heightMm];
        $figures = $rig->calibration->holds;
        $deep = $work->stage === HoldStage::Foot ? 0.0 : $work->deepMm();

        return new Grip(not: array_values(array_filter([
            $across > $reach ? new Said('holding.hold.over-reach', [
                'across' => Quantity::mm($across), 'reach' => Quantity::mm($reach),
            ]) : null,
            $high > $figures->wideHighShare * $reach ? new Said('holding.hold.wide-high', [
                'high' => Quantity::mm($high), 'most' => Quantity::mm($figures->wideHighShare * $reach),
            ]) : null,
            $work->wood->hasBrokenRim ? new Said('holding.hold.broken-rim') : null,
            $work->wood->isTrue ? null : new Said('holding.hold.out-of-round', [
                'most' => Quantity::mm($figures->roundMm),
            ]),
            $deep > $figures->wideHollowMm ? new Said('holding.hold.wide-deep', [
                'deep' => Quantity::mm($deep), 'most' => Quantity::mm($figures->wideHollowMm),
            ]) : null,
        ])), how: $work->stage === HoldStage::Foot ? []
            : [new Said('holding.hold.wide-tail')], size: ['reach_mm' => $reach]);
    }
}
