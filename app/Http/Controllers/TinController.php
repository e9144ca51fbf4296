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
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** "My tin says": the label's figures over the catalogue's, and what is left. */
class TinController extends Controller
{
    public function edit(Request $request, ShopMapper $mapper, Show $show): View
    {
        $product = $mapper->typical($this->workshop($request))->product($request->string('product')->toString());

        return view(
            'tin',
            [
                'form' => TinForm::for($product, $this->workshop($request)->tins()->where(
                    'product', $product->class(),
                )->first(), $show),
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
        $planner->apply($workshop, fn (): Tin => $workshop->tins()->updateOrCreate(['product' => $product->class()], [
            'label' => new LabelFigures($label),
            'stock_ml' => $request->stockMl($show),
            'opened_on' => $typed['opened_on'] ?? null,
            'note' => $typed['note'] ?? null,
        ]));

        return redirect()->route('shelf')->with(
            'said', say('http.tin.your-shelf-plan-follows', ['name' => $show->said($product->name())]),
        );
    }
}
