<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveRates;
use App\Http\Requests\SaveShop;
use App\Jobs\DeriveRack;
use App\Models\AuditKind;
use App\Models\PieceState;
use App\People\Audit;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\SafetyPage;
use App\View\ShopPanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

class ShopController extends Controller
{
    public function show(Request $request, Show $show, Catalogue $catalogue): View
    {
        return view('shop.hours', $this->panel($request, $show, $catalogue));
    }

    /** What hurts in this shop, and its limits. */
    public function safety(Request $request, Show $show, Catalogue $catalogue, ShopMapper $mapper): View
    {
        $workshop = $this->workshop($request);
        $panel = $this->panel($request, $show, $catalogue);

        return view('shop.safety', $panel + ['page' => new SafetyPage($workshop, $mapper->tables($workshop), $show)]);
    }

    /** What of the shop goes on paper. */
    public function sheets(Request $request): View
    {
        $pieces = $this->workshop($request)->pieces()->where('state', '!=', PieceState::PutAway);

        return view('shop.sheets', ['pieces' => $pieces->orderBy('name')->orderBy('id')->get(['id', 'name', 'state'])]);
    }

    /** What the signed-in person has to themselves. */
    public function you(Request $request, Show $show, Catalogue $catalogue): View
    {
        return view('shop.you', $this->panel($request, $show, $catalogue));
    }

    public function rates(SaveRates $request): RedirectResponse
    {
        $this->workshop($request)->update($request->rates());

        return back()->with('said', say('http.sale.rates'));
    }

    public function update(SaveShop $request, Planner $planner, Show $show, Audit $audit): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $changes = $request->changes($show);
        $planner->apply($workshop, fn (): bool => $workshop->update($changes));
        $audit->note($this->user($request), AuditKind::ShopChanged);
        DeriveRack::dispatch($workshop->id);

        return back()->with('said', say('http.shop.saved-every-date-worked'));
    }

    public function renewCalendar(Request $request, Audit $audit): RedirectResponse
    {
        $this->user($request)->forceFill(['calendar_token' => Str::random(48)])->save();
        $audit->note($this->user($request), AuditKind::CalendarRenewed);

        return back()->with('said', say('http.shop.your-calendar-new-address'));
    }

    /** @return array<string, mixed> */
    private function panel(Request $request, Show $show, Catalogue $catalogue): array
    {
        $workshop = $this->workshop($request);

        return [
            'workshop' => $workshop,
            'panel' => new ShopPanel($workshop, $show, $catalogue->calibration()->coats),
        ];
    }
}
