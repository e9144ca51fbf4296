<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;
use HonestGrain\Words\Said;

/** Wheels about a true band: it holds nothing by itself. */
final readonly class Steady implements Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip
    {
        return Grip::refused(new Said('holding.hold.steady-beside'));
    }
}
