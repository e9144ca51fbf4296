<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\StoreItem;
use App\Models\StockMove;
use App\Models\StockMoveKind;
use App\Models\StockSort;
use Illuminate\Support\Collection;

/** What was bought and counted, what was typed together in one. */
final readonly class StoreMoves
{
    private function __construct(
        public string $batch,
        public string $when,
        public string $who,
        public string $what,
        public bool $isBack,
    ) {
    }

    /**
     * @param  Collection<int, StockMove>  $moves  the latest first
     * @return list<self>
     */
    public static function lately(Collection $moves, Show $show): array
    {
        return array_values($moves->groupBy('batch')->map(function (Collection $batch) use ($show): self {
            /** @var StockMove $first */
            $first = $batch->first();
            $lines = $batch->reverse()->map(fn (StockMove $move): string => self::line($move, $show));

            return new self(
                $first->batch, $show->dayTime($first->created_at), $first->user->name ?? '',
                $lines->implode('; '), $first->taken_back_at !== null,
            );
        })->all());
    }

    private static function line(StockMove $move, Show $show): string
    {
        [$sort, $of] = explode(':', $move->what, 2);
        $words = new StoreWords($show);
        $item = new StoreItem(StockSort::from($sort), $of, $move->before, $move->price_after);
        $name = $words->name($item);

        return $move->kind === StockMoveKind::Bought
            ? say('view.store-moves.bought', [
                'what' => $name, 'amount' => $words->amount($item, $move->after - ($move->before ?? 0.0)),
                'price' => $words->price($item),
            ])
            : say('view.store-moves.counted', [
                'what' => $name, 'before' => $words->amount($item, $move->before),
                'after' => $words->amount($item, $move->after),
            ]);
    }
}
