<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

/** What a blank is sawn to; parts stand one behind the other along it, or side by side on a plank. */
enum StockForm: string
{
    case Round = 'round';
    case Square = 'square';
    case Log = 'log';
    case Slab = 'slab';
    case HalfLog = 'half-log';

    /** Whether parts are turned across it: the lathe's axis goes through its thickness. */
    public function isTurnedAcross(): bool
    {
        return $this === self::Slab || $this === self::HalfLog;
    }
}
