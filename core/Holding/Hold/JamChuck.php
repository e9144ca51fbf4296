<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Waste wood turned to fit a mouth or a rim, the tail centre up. */
final readonly class JamChuck implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        return new Grip(how: array_values(array_filter([
            new Said('holding.hold.jam', ['across' => Quantity::mm($work->mouthMm())]),
            $work->wood->isTrue ? null : new Said('holding.hold.jam-warped'),
            $work->wood->hasBrokenRim ? new Said('holding.hold.jam-cup') : null,
        ])), size: ['across_mm' => round($work->mouthMm(), 1)]);
    }
}
