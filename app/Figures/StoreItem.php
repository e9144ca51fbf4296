<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\StockSort;

/** One thing that the shelf can hold: a grit, a finish or colour, or a good. */
final readonly class StoreItem
{
    /**
     * @param  string  $of  the grit, the class or the good
     * @param  float|null  $stock  discs, mL or pieces; none where it was not counted
     * @param  float|null  $price  of a disc, a litre or a piece
     */
    public function __construct(
        public StockSort $sort,
        public string $of,
        public ?float $stock,
        public ?float $price,
    ) {
    }

    public function key(): string
    {
        return self::keyOf($this->sort, $this->of);
    }

    public static function keyOf(StockSort $sort, string $of): string
    {
        return "$sort->value:$of";
    }
}
