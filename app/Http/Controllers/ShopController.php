<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InvitePerson;
use App\Http\Requests\SaveRates;
use App\Http\Requests\SaveShop;
use App\Jobs\DeriveRack;
use App\Models\PieceState;
use App\Models\Role;
use App\Models\User;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\SafetyPage;
use App\View\ShopPanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

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

    public function update(SaveShop $request, Planner $planner, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $changes = $request->changes($show);
        $planner->apply($workshop, fn (): bool => $workshop->update($changes));
        DeriveRack::dispatch($workshop->id);

        return back()->with('said', say('http.shop.saved-every-date-worked'));
    }

    public function invite(InvitePerson $request): RedirectResponse
    {
        $typed = $request->validated();
        $this->adding($request, 'person_email', fn () => $this->workshop($request)->users()->create([
            'name' => $typed['person_name'], 'email' => $typed['person_email'],
            'password' => $typed['person_password'], 'role' => $typed['person_role'],
        ]));

        return back()->with(
            'said', say('http.shop.can-sign-now-tell', ['personName' => $typed['person_name']]),
        );
    }

    public function remove(Request $request, User $person): RedirectResponse
    {
        Gate::authorize('change-people');
        if ($person->is($request->user())) {
            throw ValidationException::withMessages(['person' => say('http.shop.you-cannot-take-yourself')]);
        }
        $workshop = $this->workshop($request);
        DB::transaction(function () use ($request, $person, $workshop): void {
            $workshop->lock();
            // Two owners may take each other out at once: the second is one no more.
            $stays = $workshop->users()->whereKey($this->user($request)->id)->where('role', Role::Owner)->exists();
            if (! $stays) {
                throw ValidationException::withMessages(
                    ['person' => say('http.shop.you-no-longer-owner')],
                );
            }
            $workshop->users()->whereKey($person->id)->delete();
        });

        return back()->with('said', say('http.shop.can-no-longer-sign', ['person' => $person->name]));
    }

    public function renewCalendar(Request $request): RedirectResponse
    {
        $this->user($request)->forceFill(['calendar_token' => Str::random(48)])->save();

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
