<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Words\Said;

/** What a blank is sawn to; parts stand one behind the other along it, or side by side on a plank. */
enum StockForm: string
{
    case Round = 'round';
    case Square = 'square';
    case Log = 'log';
    case Slab = 'slab';
    case HalfLog = 'half-log';

    /** How its centre is found; null for what is sawn to a disc, which has it already. */
    public function centred(): ?Said
    {
        return match ($this) {
            self::Square => new Said('lathework.centre.square'),
            self::Round => new Said('lathework.centre.round'),
            self::Log => new Said('lathework.centre.log'),
            self::Slab, self::HalfLog => null,
        };
    }

    /** Whether parts are turned across it: the lathe's axis goes through its thickness. */
    public function isTurnedAcross(): bool
    {
        return $this === self::Slab || $this === self::HalfLog;
    }
}
