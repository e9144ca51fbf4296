<?php

declare(strict_types=1);

namespace HonestGrain\Holding\Hold;

use HonestGrain\Holding\Grip;
use HonestGrain\Holding\Rig;
use HonestGrain\Holding\Workpiece;

/** One way of holding work, which knows what it asks of it beyond the limits of its row. */
interface Hold
{
    public function grip(Workpiece $work, Rig $rig): Grip;
}
