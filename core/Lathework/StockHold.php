<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Calibration\StockFigures;

/** What of a blank a part is held by, besides its own length. */
enum StockHold: string
{
    case Tenon = 'tenon';
    case Recess = 'recess';

    /** It is parted off what the jaws grip. */
    case None = 'none';

    public function lengthMm(StockFigures $figures): float
    {
        return match ($this) {
            self::Tenon => $figures->tenonMm,
            self::Recess => $figures->recessMm,
            self::None => $figures->chuckWasteMm,
        };
    }
}
