<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Said;

/** Pressed in or on the part that it is fitted to. */
final readonly class Partner implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        return $work->hasPartner ? new Grip(how: [new Said('holding.hold.partner')])
            : Grip::refused(new Said('holding.hold.no-partner'));
    }
}
