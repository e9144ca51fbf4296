<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;

/** What a part is held for: the side that is cut first, the inside, or its foot once all else is done. */
enum HoldStage: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    case Foot = 'foot';

    /** The stage in which a face is worked. */
    public static function of(Face $face): self
    {
        return match ($face) {
            Face::Outside => self::Outside,
            Face::Foot => self::Foot,
            Face::Inside, Face::Rim, Face::Top, Face::Bore => self::Inside,
        };
    }
}
