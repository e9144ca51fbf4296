<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveWood;
use App\Models\OwnWood;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\WoodsPanel;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Quantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Woods as this workshop knows them, over the catalogue's. */
class WoodController extends Controller
{
    public function __construct(private readonly Planner $planner)
    {
    }

    public function index(Request $request, ShopMapper $mapper, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);

        return view('woods', [
            'panel' => new WoodsPanel(
                $mapper->tables($workshop)->woods, $catalogue->calibration()->woods, $workshop->woods,
                $request->string('by')->toString(),
            ),
            'known' => $catalogue->woods()->names(),
        ]);
    }

    public function store(SaveWood $request, Catalogue $catalogue): RedirectResponse
    {
        $typed = $request->wood();
        // Refused here, before anything is stored, if it makes no sense.
        $wood = Wood::typed(Document::of($typed), $catalogue->woods());
        $workshop = $this->workshop($request);
        $this->planner->apply($workshop, fn (): OwnWood => $workshop->woods()->updateOrCreate(
            ['name' => $wood->name], ['typed' => Document::of($typed)],
        ));

        return back()->with('said', say('http.wood.among-your-woods-pieces', ['wood' => $wood->name]));
    }

    /** A wood goes unless a piece is made of it that the catalogue could not stand in for. */
    public function destroy(Request $request, OwnWood $ownWood, Catalogue $catalogue): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $isOnlyHere = ! in_array($ownWood->name, $catalogue->woods()->names(), true);
        $pieces = $isOnlyHere ? $workshop->pieces()->where('document', 'like', '%'.addcslashes(
            (string) json_encode($ownWood->name), '%_\\',
        ).'%')->count() : 0;
        if ($pieces > 0) {
            throw ValidationException::withMessages(['wood_name' => say('http.wood.stays-made', [
                'ownWood' => $ownWood->name,
                'pieces' => Quantity::count($pieces),
            ])]);
        }
        $this->planner->apply($workshop, fn (): ?bool => $ownWood->delete());

        return back()->with('said', say('http.wood.no-longer-among-your', ['ownWood' => $ownWood->name]));
    }
}
