<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\StoreItem;
use App\Models\Abrasive;
use App\Models\Kept\LabelFigures;
use App\Models\StockMoveKind;
use App\Models\StockSort;
use App\Models\User;
use App\Models\Workshop;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Shelf\Good;
use HonestGrain\Shelf\ReceiptItem;
use Illuminate\Support\Str;

/** What the shelf holds, bought, counted and taken back; each change is written down with what stood before. */
final readonly class Stores
{
    private const LEAST = 1e-9;

    public function __construct(private Catalogue $catalogue, private ShopMapper $mapper, private Planner $planner)
    {
    }

    /** @return array<string, StoreItem> what is there or was there, by its key */
    public function held(Workshop $workshop): array
    {
        $items = [];
        $table = $this->catalogue->abrasives();
        // By the size of the grain, as they stand on the Shelf.
        $rows = $workshop->abrasives()->get()->sortByDesc(
            fn (Abrasive $row): float => $table->named($row->grit, 'grit')->micron,
        );
        foreach ($rows as $row) {
            $items[] = new StoreItem(StockSort::Discs, $row->grit, (float) $row->discs, $row->price);
        }
        foreach ($workshop->tins()->orderBy('product')->get() as $tin) {
            $items[] = new StoreItem(StockSort::Volume, $tin->product, $tin->stock_ml, $tin->price_per_l);
        }
        $goods = $workshop->goods()->get()->keyBy(fn ($row): string => $row->good->value);
        foreach (Good::cases() as $good) {
            $row = $goods[$good->value] ?? null;
            $items[] = new StoreItem(StockSort::Goods, $good->value, $row?->stock, $row?->price);
        }

        return array_column(array_map(fn (StoreItem $one): array => [$one->key(), $one], $items), 1, 0);
    }

    /** @return array<string, StoreItem> all that could be bought, by its key */
    public function known(Workshop $workshop): array
    {
        $known = $this->held($workshop);
        $coatings = $this->mapper->typical($workshop);
        foreach (Scale::cases() as $scale) {
            foreach ($this->catalogue->abrasives()->onScale($scale) as $grit) {
                $known[StoreItem::keyOf(StockSort::Discs, $grit->name)]
                    ??= new StoreItem(StockSort::Discs, $grit->name, null, null);
            }
        }
        foreach ([...$coatings->coatings(), ...$coatings->stains()] as $product) {
            $known[StoreItem::keyOf(StockSort::Volume, $product->class())]
                ??= new StoreItem(StockSort::Volume, $product->class(), null, null);
        }

        return $known;
    }

    /**
     * Puts what was bought to what is there; what was not counted is counted from now on.
     *
     * @param  list<ReceiptItem>  $bought
     * @return string the batch
     */
    public function buy(Workshop $workshop, User $user, array $bought): string
    {
        return $this->write($workshop, $user, StockMoveKind::Bought, function (array $known) use ($bought): array {
            $to = [];
            foreach ($bought as $one) {
                $there = $to[$one->what][0] ?? $known[$one->what]->stock ?? 0.0;
                $to[$one->what] = [$there + $one->amount, $one->price ?? $known[$one->what]->price];
            }

            return $to;
        });
    }

    /**
     * Sets what is there to what was counted.
     *
     * @param  array<string, float>  $counted  by key
     * @return string the batch
     */
    public function count(Workshop $workshop, User $user, array $counted): string
    {
        return $this->write($workshop, $user, StockMoveKind::Counted, function (array $known) use ($counted): array {
            $to = [];
            foreach (array_intersect_key($counted, $known) as $key => $amount) {
                $to[$key] = [$amount, $known[$key]->price];
            }

            return $to;
        });
    }

    /** Takes back just what came; what was used since stays used. */
    public function takeBack(Workshop $workshop, string $batch): bool
    {
        return $this->planner->apply($workshop, function () use ($workshop, $batch): bool {
            $moves = $workshop->stockMoves()->where('batch', $batch)->whereNull('taken_back_at')->get();
            $held = $this->held($workshop);
            foreach ($moves as $move) {
                $now = $held[$move->what] ?? null;
                $left = ($now->stock ?? 0.0) - ($move->after - ($move->before ?? 0.0));
                $isSamePrice = abs(($now->price ?? 0.0) - ($move->price_after ?? 0.0)) < self::LEAST;
                $isFirst = $move->before === null && $left < self::LEAST;
                $this->set(
                    $workshop, $move->what, $isFirst ? null : max(0.0, $left),
                    $isSamePrice ? $move->price_before : $now?->price,
                );
                $move->update(['taken_back_at' => now()]);
            }

            return $moves->isNotEmpty();
        });
    }

    /**
     * @param  \Closure(array<string, StoreItem>): array<string, array{float, float|null}>  $to  amount and price by
     *     key
     */
    private function write(Workshop $workshop, User $user, StockMoveKind $kind, \Closure $to): string
    {
        $batch = Str::lower(Str::random(24));
        $this->planner->apply($workshop, function () use ($workshop, $user, $kind, $to, $batch): bool {
            $known = $this->known($workshop);
            foreach ($to($known) as $key => [$amount, $price]) {
                $workshop->stockMoves()->create([
                    'user_id' => $user->id, 'batch' => $batch, 'kind' => $kind, 'what' => $key,
                    'before' => $known[$key]->stock, 'after' => $amount, 'price_before' => $known[$key]->price,
                    'price_after' => $price,
                ]);
                $this->set($workshop, $key, $amount, $price);
            }

            return true;
        });

        return $batch;
    }

    private function set(Workshop $workshop, string $key, ?float $amount, ?float $price): void
    {
        [$sort, $of] = explode(':', $key, 2);
        match (StockSort::from($sort)) {
            // A grit that was not there before is not there again: each that stands on the shelf is a rung of ladders.
            StockSort::Discs => $amount === null ? $workshop->abrasives()->where('grit', $of)->delete()
                : $workshop->abrasives()->updateOrCreate(
                    ['grit' => $of], ['discs' => (int) round($amount), 'price' => $price],
                ),
            StockSort::Volume => $workshop->tins()->where('product', $of)->exists()
                ? $workshop->tins()->where('product', $of)->firstOrFail()
                    ->update(['stock_ml' => $amount, 'price_per_l' => $price])
                : $workshop->tins()->create([
                    'product' => $of, 'label' => new LabelFigures, 'stock_ml' => $amount, 'price_per_l' => $price,
                ]),
            StockSort::Goods => $workshop->goods()->updateOrCreate(
                ['good' => Good::from($of)], ['stock' => $amount, 'price' => $price],
            ),
        };
    }
}
