<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveTin;
use App\Models\Kept\LabelFigures;
use App\Models\Tin;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\Show;
use App\View\TinForm;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Product;
use HonestGrain\Shelf\ShelfLife;
use HonestGrain\Shelf\TinWeight;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** "My tin says": the label's figures over the catalogue's, and what is left. */
class TinController extends Controller
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function edit(Request $request, ShopMapper $mapper, Show $show): View
    {
        $product = $mapper->typical($this->workshop($request))->product($request->string('product')->toString());

        return view(
            'tin',
            [
                'form' => TinForm::for($product, $this->workshop($request)->tins()->where(
                    'product', $product->class(),
                )->first(), $show),
                'life' => $product instanceof Coating
                    ? ShelfLife::of($product, null, $this->catalogue->calibration()->shelf) : null,
                'weight' => $product instanceof Coating
                    ? TinWeight::of($product, null, $this->catalogue->calibration()->shelf) : null,
            ],
        );
    }

    public function update(SaveTin $request, ShopMapper $mapper, Planner $planner, Show $show): RedirectResponse
    {
        $typed = $request->validated();
        $coatings = $mapper->typical($this->workshop($request));
        $product = $coatings->product($typed['product']);
        $label = TinForm::label($typed['label'] ?? [], $show);
        // Refused here, before anything is stored, if the label makes no sense.
        $coatings->withLabels([$product->class() => $label]);
        $workshop = $this->workshop($request);
        $weighed = $this->weighed($request, $product, $show);
        $planner->apply($workshop, fn (): Tin => $workshop->tins()->updateOrCreate(['product' => $product->class()], [
            'label' => new LabelFigures($label), ...$weighed,
            'opened_on' => $typed['opened_on'] ?? null, 'note' => $typed['note'] ?? null,
            'price_per_l' => $request->number('price_per_l'), 'good_months' => $request->number('good_months'),
            'g_per_ml' => $request->number('g_per_ml'),
        ]));

        return redirect()->route('shelf')->with(
            'said', say('http.tin.your-shelf-plan-follows', ['name' => $show->said($product->name())]),
        );
    }

    /**
     * What is left by the scale, where the empty tin is known; what the empty tin weighs, where what is left is.
     *
     * @return array{stock_ml: float|null, empty_g: float|null}
     */
    private function weighed(SaveTin $request, Product $product, Show $show): array
    {
        [$left, $empty] = [$request->stockMl($show), $request->grams('empty_g', $show)];
        $gross = $request->grams('weighs', $show);
        if ($gross === null || ! $product instanceof Coating) {
            return ['stock_ml' => $left, 'empty_g' => $empty];
        }
        $weight = TinWeight::of($product, $request->number('g_per_ml'), $this->catalogue->calibration()->shelf);
        if ($empty !== null) {
            return ['stock_ml' => round($weight->ml($gross, $empty), 2), 'empty_g' => $empty];
        }

        $left ??= throw ValidationException::withMessages(['empty_g' => say('http.tin.empty-or-left')]);

        return ['stock_ml' => $left, 'empty_g' => round($weight->emptyG($gross, $left), 1)];
    }
}
