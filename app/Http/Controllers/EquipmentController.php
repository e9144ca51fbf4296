<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveEquipment;
use App\Planning\Planner;
use App\View\EquipmentForm;
use App\View\Show;
use HonestGrain\Holding\Equipment;
use HonestGrain\Reading\Document;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a shop holds and turns its work with. */
class EquipmentController extends Controller
{
    public function edit(Request $request, Show $show): View
    {
        $workshop = $this->workshop($request);

        return view('shop.lathe', [
            'workshop' => $workshop, 'form' => new EquipmentForm($workshop->equipment(), $show),
        ]);
    }

    public function update(SaveEquipment $request, Planner $planner, Show $show): RedirectResponse
    {
        $document = Document::of($request->document($show));
        // Refused here, before anything is stored, if it makes no sense.
        Equipment::read($document);
        $workshop = $this->workshop($request);
        $planner->apply($workshop, fn (): bool => $workshop->update(
            ['equipment' => $document, ...$request->safe()->only('spare_chucks')],
        ));

        return back()->with('said', say('http.equipment.saved-every-route-worked'));
    }
}
