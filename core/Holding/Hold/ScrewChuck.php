<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** One thick screw in the middle of the face that is hollowed away. */
final readonly class ScrewChuck implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        $deep = $rig->sizeMm() ?? 0.0;
        $wood = $work->profile->hollowAtMm(0.0);
        $stays = $wood < $deep + $rig->calibration->holds->screwShortMm;

        return new Grip(
            not: array_values(array_filter([
                $stays ? new Said('holding.hold.screw-stays', [
                    'deep' => Quantity::mm($deep), 'wood' => Quantity::mm($wood),
                ]) : null,
                $work->wood->mayFly ? new Said('holding.hold.screw-flawed') : null,
            ])),
            how: [new Said('holding.first-hold.screw-chuck', [
                'deep' => Quantity::mm($deep), 'wood' => Quantity::mm($wood),
            ])],
            size: ['screw_mm' => $deep],
        );
    }
}
