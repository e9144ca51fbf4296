<?php

declare(strict_types=1);

namespace App\Models;

/** How what is on the shelf changed, otherwise than by being used. */
enum StockMoveKind: string
{
    case Bought = 'bought';
    case Counted = 'counted';
}
