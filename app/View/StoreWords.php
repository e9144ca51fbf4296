<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\StoreItem;
use App\Models\StockSort;
use HonestGrain\Shelf\Good;

/** What stands on the shelf, in the reader's words and units. */
final readonly class StoreWords
{
    public function __construct(private Show $show)
    {
    }

    public static function called(StockSort $sort, string $of, Show $show): string
    {
        return match ($sort) {
            StockSort::Discs => $of,
            StockSort::Volume => $show->product($of),
            StockSort::Goods => $show->said(Good::from($of)->label()),
        };
    }

    public function name(StoreItem $item): string
    {
        return self::called($item->sort, $item->of, $this->show);
    }

    /** "12", "410 mL"; nothing where it was not counted. */
    public function amount(StoreItem $item, ?float $amount): string
    {
        return match (true) {
            $amount === null => '–',
            $item->sort === StockSort::Volume => $this->show->volume($amount),
            default => $this->show->bare(round($amount, 2)),
        };
    }

    /** "0.60 each", "37.00 a litre, 0.037 a mL" */
    public function price(StoreItem $item): string
    {
        return match (true) {
            $item->price === null => '',
            $item->sort === StockSort::Volume => say('view.store-words.a-litre', [
                'litre' => number_format($item->price, 2), 'ml' => number_format($item->price / 1000, 3),
            ]),
            default => say('view.store-words.each', ['price' => number_format($item->price, 2)]),
        };
    }

    /**
     * @param  array<string, StoreItem>  $known
     * @return array<string, array{name: string, isMl: bool}> as a receipt is read against
     */
    public function names(array $known): array
    {
        return array_map(fn (StoreItem $one): array => [
            'name' => $this->name($one), 'isMl' => $one->sort === StockSort::Volume,
        ], $known);
    }
}
