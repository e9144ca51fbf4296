<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\Shortage;
use App\Models\StockSort;
use HonestGrain\Words\Quantity;

/** One line of the shopping list: what, how much, for which piece, by when. */
final readonly class ShortageWords
{
    private function __construct(
        public string $what,
        public string $amount,
        public string $piece,
        public string $link,
        public string $by,
    ) {
    }

    /**
     * @param  list<Shortage>  $shortages
     * @return list<self>
     */
    public static function all(array $shortages, Show $show): array
    {
        return array_map(fn (Shortage $one): self => new self(
            StoreWords::called($one->sort, $one->what, $show), match ($one->sort) {
                StockSort::Discs => self::counted('view.shortage-words.discs', $one),
                StockSort::Goods => self::counted('view.shortage-words.goods', $one),
                StockSort::Volume => say('view.shortage-words.volume', [
                    'short' => $show->volume($one->needed - $one->left),
                    'needed' => $show->volume($one->needed),
                ]),
            }, $one->piece, route('pieces.route', $one->pieceId),
            $one->at === null ? '.' : say('view.shortage-words.by', [
                'calendarDay' => $show->calendarDay($one->at),
            ]),
        ), $shortages);
    }

    /** "P240, 4 more discs of 12, for Ebb bowl, by Sat 12 Dec." */
    public function line(): string
    {
        return say('view.shortage-words.for', [
            'what' => $this->what,
            'amount' => $this->amount,
            'piece' => $this->piece,
            'by' => $this->by,
        ]);
    }

    private static function counted(string $line, Shortage $one): string
    {
        $more = (int) ceil($one->needed - $one->left);

        return say($line, ['short' => Quantity::count($more), 'needed' => (int) ceil($one->needed)]);
    }
}
