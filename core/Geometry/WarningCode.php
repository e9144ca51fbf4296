<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** What may want a look about a drawn piece. */
enum WarningCode: string
{
    case ThinWall = 'thin-wall';
    case ThinFloor = 'thin-floor';
    case LowOutside = 'low-outside';
    case RockingFoot = 'rocking-foot';
    case Undercut = 'undercut';
    case FlatFloor = 'flat-floor';

    /** Whether it speaks of how a piece stands, which is no question of what stands on nothing. */
    public function isOfStanding(): bool
    {
        return $this === self::RockingFoot || $this === self::LowOutside;
    }
}
