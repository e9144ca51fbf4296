<?php

declare(strict_types=1);

namespace App\Models;

/** What is counted on the shelf, and in which unit. */
enum StockSort: string
{
    case Discs = 'disc';
    case Volume = 'ml';
    case Goods = 'good';
}
