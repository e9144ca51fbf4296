<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PressedAt;
use App\Http\Requests\SaveAir;
use App\Jobs\DeriveRack;
use App\Models\Air;
use App\Models\InstrumentFault;
use App\Models\Kept\Warmed;
use App\Models\Workshop;
use App\Planning\AirList;
use App\Planning\Airs;
use App\Planning\Planner;
use App\View\AirPage;
use App\View\ShopPanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\AirReading;
use HonestGrain\Words\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The airs of a workshop: what was read of them, by day, and what the maker means to do to them. */
class ClimateController extends Controller
{
    public function __construct(private readonly Airs $airs, private readonly Planner $planner)
    {
    }

    public function show(Request $request, Show $show, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);
        if (! $workshop->airs->contains('kind', Air::SHOP)) {
            $workshop->airs()->createOrFirst(['name' => 'Shop'], ['kind' => Air::SHOP]);
            $workshop->load('airs');
        }
        $air = $workshop->airs->firstWhere('id', $request->integer('air')) ?? $workshop->airs->first();

        return view('shop.air', [
            'workshop' => $workshop, 'panel' => new ShopPanel($workshop, $show, $catalogue->calibration()->coats),
            'airs' => $workshop->airs, 'air' => $air,
            'page' => new AirPage(
                $workshop, $air ?? abort(404), $this->airs->recorded($workshop, $air),
                $this->airs->equilibriumPercent($workshop, $air), $show,
            ),
        ]);
    }

    public function store(SaveAir $request, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        if ($workshop->airs()->where('name', $request->validated('air_name'))->exists()) {
            throw ValidationException::withMessages([
                'air_name' => say('http.climate.name-another-air-called', [
                    'name' => $request->validated('air_name'),
                ]),
            ]);
        }
        $air = $workshop->airs()->create([
            'kind' => $request->validated('kind'), 'name' => $request->validated('air_name'),
            'setting' => $request->setting($show),
        ]);

        return $this->inNewAir($workshop, $air, say('http.climate.air-own-now', ['air' => $air->name]));
    }

    public function destroy(Request $request, Air $air): RedirectResponse
    {
        if ($air->kind === Air::SHOP) {
            throw ValidationException::withMessages(['kind' => say('http.climate.shop-itself-stays')]);
        }
        $air->delete();

        return $this->inNewAir($this->workshop($request), null, say('http.climate.gone-with-what-read', [
            'air' => $air->name,
        ]));
    }

    /** A reading typed from a dial. */
    public function type(Request $request, Air $air, Show $show): RedirectResponse
    {
        $typed = $request->validate([
            'temp' => ['required', 'numeric', $show->between(Unit::Temperature, -100, 200)],
            'rh' => ['required', 'numeric', 'between:-10,200'],
            'at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:2000-01-01'],
        ] + PressedAt::rule());
        $at = isset($typed['at'])
            ? Carbon::parse($typed['at'], $this->user($request)->timeZone()) : PressedAt::of($request);
        if ($at->isFuture()) {
            throw ValidationException::withMessages(['at' => say('http.climate.read-which-still-come', [
                'at' => $typed['at'],
            ])]);
        }

        return $this->keep($request, $air, new AirReading(
            (int) $at->getTimestamp(), round($show->typed(Unit::Temperature, (float) $typed['temp']), 2),
            (float) $typed['rh'],
        ), 'typed', $show);
    }

    /** A file of a logger, or its rows pasted: all of them, or none and what is wrong with them. */
    public function import(Request $request, Air $air, Show $show): RedirectResponse
    {
        $request->validate([
            'file' => ['required_without:rows', 'nullable', 'file', 'max:1000'],
            'rows' => ['nullable', 'string', 'max:400000'],
        ], ['file.required_without' => say('http.weight-list.choose-file-or-type')]);
        $file = $request->file('file');
        $list = AirList::read(
            mb_scrub($file === null ? (string) $request->input('rows') : (string) $file->getContent()),
            $this->user($request)->timeZone(), fn (float $typed): float => $show->typed(Unit::Temperature, $typed),
        );
        $faults = match (true) {
            $list->faults !== [] => $list->faults,
            $list->readings === [] => [say('http.climate.no-rows')],
            count($list->readings) > AirList::MOST_ROWS => [say('http.climate.too-many', [
                'count' => count($list->readings), 'most' => AirList::MOST_ROWS,
            ])],
            default => [],
        };
        if ($faults !== []) {
            throw ValidationException::withMessages(['rows' => $faults]);
        }
        $nonsense = $this->airs->recordAll($air, $list->readings, 'file');

        return $this->inNewAir($this->workshop($request), $air, say('http.climate.came', [
            'count' => count($list->readings), 'nonsense' => $nonsense,
        ]));
    }

    /** Asks the station now. */
    public function read(Request $request, Air $air, Show $show): RedirectResponse
    {
        $station = $this->airs->station($this->workshop($request), $air)
            ?? throw ValidationException::withMessages(['station' => say('http.climate.air-no-station-choose')]);
        $now = (int) now()->getTimestamp();
        $read = $station->read($now)
            ?? throw ValidationException::withMessages(
                ['station' => say('http.climate.station-says-nothing-usual')],
            );

        return $this->keep($request, $air, new AirReading($now, ...$read), 'station', $show);
    }

    public function station(Request $request, Air $air): RedirectResponse
    {
        $typed = $request->validate(['station' => ['required', Rule::in([
            Air::NO_STATION, 'works', ...array_column(array_slice(InstrumentFault::cases(), 1), 'value'),
        ])]]);
        $air->update(['station' => $typed['station']]);

        return back()->with('said', say('http.climate.set'));
    }

    /** A new key for a sensor, told once; the one before it ends. */
    public function sensor(Request $request, Air $air): RedirectResponse
    {
        $key = Str::random(40);
        $air->update(['sensor_key' => Air::hashed($key)]);

        return back()->with(['said' => say('http.climate.key-once', ['air' => $air->name]), 'sensorKey' => $key]);
    }

    public function endSensor(Request $request, Air $air): RedirectResponse
    {
        $air->update(['sensor_key' => null]);

        return back()->with('said', say('http.climate.key-ended'));
    }

    /** "Warm it to 18 °C until Friday." */
    public function warm(Request $request, Air $air, Show $show): RedirectResponse
    {
        $typed = $request->validate([
            'warm_to' => ['required', 'numeric', $show->between(Unit::Temperature, 0, 40)],
            'until' => ['required', 'date_format:Y-m-d', 'before:+1 year'],
        ]);
        $until = Carbon::parse($typed['until'], $this->user($request)->timeZone())->endOfDay();
        if ($until->isPast()) {
            throw ValidationException::withMessages(
                ['until' => say('http.climate.until-takes-today-or', ['until' => $typed['until']])],
            );
        }
        $air->update(['warmed' => [new Warmed(
            (int) now()->getTimestamp(), (int) $until->getTimestamp(),
            round($show->typed(Unit::Temperature, (float) $typed['warm_to']), 2),
        )]]);

        return $this->inNewAir($this->workshop($request), $air, say('http.climate.counted-every-date-worked'));
    }

    public function asItComes(Request $request, Air $air): RedirectResponse
    {
        $air->update(['warmed' => []]);

        return $this->inNewAir($this->workshop($request), $air, say('http.climate.comes-again-every-date'));
    }

    private function keep(Request $request, Air $air, AirReading $reading, string $source, Show $show): RedirectResponse
    {
        $nonsense = $this->airs->record($air, $reading, $source);
        $words = say('http.climate.and', [
            'temperature' => $show->temperature($reading->tempC),
            'rhPercent' => $show->plain($reading->rhPercent),
        ]);

        return $nonsense === null ? $this->inNewAir($this->workshop($request), $air, "Read: $words.")
            : back()->with(
                'said', say('http.climate.read-kept-nonsense-not', [
                    'reading' => $words,
                    'nonsense' => say("view.air-page.nonsense.$nonsense"),
                ]),
            );
    }

    private function inNewAir(Workshop $workshop, ?Air $air, string $said): RedirectResponse
    {
        $this->planner->apply($workshop, fn (): bool => true);
        DeriveRack::dispatch($workshop->id);

        return redirect()->route('climate', array_filter(['air' => $air?->id]))->with('said', $said);
    }
}
