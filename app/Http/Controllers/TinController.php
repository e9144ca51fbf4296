<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** "My tin says": the label's figures over the catalogue's, and what is left. */
class TinController extends Controller
{
    public function edit(Request $request, Catalogue $catalogue): View
    {
        $product = $catalogue->coatings()->product($request->string('product')->toString());

        return view('tin', ['product' => $product, 'tin' => $this->workshop($request)->tins()->where('product', $product->name())->first(), 'fields' => $product instanceof Coating ? array_keys(Coating::LABEL_FIELDS) : []]);
    }

    public function update(Request $request, Catalogue $catalogue, Planner $planner): RedirectResponse
    {
        $typed = $request->validate([
            'product' => ['required', 'string'],
            'label' => ['array'],
            'label.*' => ['nullable', 'numeric'],
            'stock_ml' => ['nullable', 'numeric', 'between:0,999999'],
            'opened_on' => ['nullable', 'date_format:Y-m-d'],
            'note' => ['nullable', 'string', 'max:500'],
        ]);
        $product = $catalogue->coatings()->product($typed['product']);
        $label = array_map(floatval(...), array_filter($typed['label'] ?? [], fn ($value): bool => $value !== null));
        // Refused here, before anything is stored, if the label makes no sense.
        $catalogue->coatings()->withLabels([$product->name() => $label]);
        $this->workshop($request)->tins()->updateOrCreate(['product' => $product->name()], ['label' => $label, 'stock_ml' => $typed['stock_ml'] ?? null, 'opened_on' => $typed['opened_on'] ?? null, 'note' => $typed['note'] ?? null]);
        $planner->replan($this->workshop($request)->refresh());

        return redirect()->route('shelf')->with('said', "Your {$product->name()} is on the shelf; the plan follows its label.");
    }
}
