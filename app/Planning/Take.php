<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\StockSort;
use Illuminate\Support\Carbon;

/** What one step takes off the shelf: discs, mL of a product, or goods. */
final readonly class Take
{
    public function __construct(
        public string $what,
        public StockSort $sort,
        public float $amount,
        public string $piece,
        public int $pieceId,
        public ?Carbon $at,
    ) {
    }
}
