<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\StoreItem;
use App\Models\StockSort;
use App\Planning\ShopMapper;
use App\Planning\Shopping;
use App\Planning\Stores;
use App\View\ShortageWords;
use App\View\Show;
use App\View\StoreWords;
use App\View\TinAges;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class ShelfController extends Controller
{
    public function show(
        Request $request,
        Catalogue $catalogue,
        ShopMapper $mapper,
        Shopping $shopping,
        Stores $stores,
        Show $show,
    ): View {
        $workshop = $this->workshop($request)->load(['abrasives', 'tins', 'goods']);
        $table = $catalogue->abrasives();
        $ages = TinAges::of($mapper->coatings($workshop), $catalogue->calibration()->shelf, $show);
        $owned = $workshop->abrasives->map(
            fn ($row): array => ['row' => $row, 'grit' => $table->named($row->grit, 'grit'),
                'price' => $row->price === null ? '' : number_format($row->price, 2, '.', '')],
        )
            ->sortByDesc(fn (array $one): float => $one['grit']->micron)
            ->values();

        return view('shelf', [
            'goods' => array_filter(
                $stores->held($workshop), fn (StoreItem $one): bool => $one->sort === StockSort::Goods,
            ),
            'words' => new StoreWords($show), 'ages' => $ages, 'doubtful' => $ages->doubtful($workshop),
            'owned' => $owned, 'scales' => Scale::cases(), 'table' => $table,
            'shortages' => ShortageWords::all($shopping->shortages($workshop), $show),
            'coatings' => $mapper->coatings($workshop)
                ->coatings(), 'stains' => $catalogue->coatings()
                ->stains(), 'tins' => $workshop->tins->keyBy('product'),
        ]);
    }
}
