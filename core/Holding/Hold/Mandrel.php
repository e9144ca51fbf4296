<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A rod, two cones or an expanding pin in a hole that goes right through. */
final readonly class Mandrel implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $bore = $work->profile->bore;

        return $bore === null || ! $work->isBored() ? Grip::refused(new Said('holding.hold.not-bored')) : new Grip(
            how: [new Said('holding.hold.mandrel', ['across' => Quantity::mm($bore->diameterMm)])],
            size: ['diameter_mm' => $bore->diameterMm],
        );
    }
}
