<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\StockSort;
use Illuminate\Support\Carbon;

/** What the plan needs more of than the shelf has, and at which piece it runs out. */
final readonly class Shortage
{
    /**
     * @param  float  $needed  by the whole plan, discs, mL or pieces
     * @param  float  $left  on the shelf
     * @param  Carbon|null  $at  when the step begins that it runs out at; null where that has no date
     */
    public function __construct(
        public string $what,
        public StockSort $sort,
        public float $needed,
        public float $left,
        public string $piece,
        public int $pieceId,
        public ?Carbon $at,
    ) {
    }
}
