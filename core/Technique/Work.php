<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** How a part is held while something is done to it. */
enum Work
{
    /** The lathe turns it. */
    case Spinning;

    /** It sits on the lathe, stopped or locked by the index. */
    case Locked;

    /** By hand, wherever it happens to be. */
    case Hand;

    /** In the lap, a cradle or on the bench: off the lathe. */
    case Lap;

    /** On points, where it stays to dry. */
    case Points;

    public function isOnLathe(): bool
    {
        return $this === self::Spinning || $this === self::Locked;
    }
}
