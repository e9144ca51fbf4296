<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InvitePerson;
use App\Http\Requests\SaveRates;
use App\Http\Requests\SaveShop;
use App\Http\TypedHours;
use App\Jobs\DeriveRack;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\UsualAir;
use App\Models\Role;
use App\Models\User;
use App\Planning\Planner;
use App\View\ShopPanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Unit;
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
        $workshop = $this->workshop($request);

        return view('shop', [
            'workshop' => $workshop, 'people' => $workshop->users()->orderBy('id')->get(),
            'panel' => new ShopPanel($workshop, $show, $catalogue->calibration()->coats),
        ]);
    }

    public function rates(SaveRates $request): RedirectResponse
    {
        $this->workshop($request)->update($request->rates());

        return back()->with('said', say('http.sale.rates'));
    }

    public function update(SaveShop $request, Planner $planner, Show $show): RedirectResponse
    {
        $typed = $request->validated();
        $hours = TypedHours::week($typed['hours']);
        $closed = TypedHours::dates($typed['closed'] ?? null);
        $also = TypedHours::days($typed['also'] ?? null, 'also');
        WorkingHours::read(Document::of(['hours' => $hours, 'closed' => $closed, 'also' => $also]));
        $workshop = $this->workshop($request);
        $planner->apply($workshop, fn (): bool => $workshop->update([
            'name' => $typed['name'], 'time_zone' => $typed['time_zone'], 'hours' => new OpenHours($hours),
            'closed' => $closed, 'also' => new OpenDays($also),
            'climate' => new UsualAir(
                dayC: $show->typed(Unit::Temperature, (float) $typed['day_c']), dayRh: (float) $typed['day_rh'],
                nightC: $show->typed(Unit::Temperature, (float) $typed['night_c']), nightRh: (float) $typed['night_rh'],
                dayFrom: (int) $typed['day_from'], dayTo: (int) $typed['day_to'],
            ),
            'sanding_cap_m_s' => $show->typed(Unit::Speed, (float) $typed['sanding_cap_m_s']),
            'min_wall_mm' => $show->typed(Unit::Length, (float) $typed['min_wall_mm']),
            'spare_chucks' => (int) ($typed['spare_chucks'] ?? $workshop->spare_chucks),
            'dries_apart' => (bool) ($typed['dries_apart'] ?? $workshop->dries_apart),
        ]));

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
}
