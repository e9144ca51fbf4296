<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a task waits for before it can start. */
enum Cause: string
{
    /** A coat, glue or wood that is not ready yet. */
    case Wait = 'wait';

    /** The shop, or whoever can do it, is not there. */
    case Hours = 'hours';

    /** Hands, or something else of which there is one, are with another piece. */
    case Hands = 'hands';

    /** A later task of its own piece: what would come too late for a window, or hold something for too long. */
    case Held = 'held';
}
