<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WeighBlank;
use App\Models\InstrumentFault;
use App\Models\Kept\Choices;
use App\Models\Workshop;
use App\Planning\Instruments;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The simulated instruments: each can be read, and set to what can be wrong with it. */
class InstrumentController extends Controller
{
    private const RPM = [50, 4000];

    public function __construct(private readonly Instruments $instruments)
    {
    }

    public function show(Request $request): View
    {
        $workshop = $this->workshop($request);

        return view('shop.instruments', [
            'set' => array_map(
                fn (string $kind): string => Instruments::fault($workshop, $kind)->value,
                array_combine(Instruments::KINDS, Instruments::KINDS),
            ),
            'faults' => array_column(array_map(
                fn (InstrumentFault $one): array => [$one->value, $one->label()], InstrumentFault::cases(),
            ), 1, 0),
        ]);
    }

    public function update(Request $request, string $kind): RedirectResponse
    {
        abort_unless(in_array($kind, Instruments::KINDS, true), 404);
        $typed = $request->validate(['fault' => ['required', Rule::enum(InstrumentFault::class)]]);
        $workshop = $this->workshop($request);
        $workshop->update(['instruments' => ($workshop->instruments ?? new Choices)->with([$kind => $typed['fault']])]);

        return back()->with('said', say('http.instrument.set', ['kind' => say("planning.instruments.$kind")]));
    }

    /** Reads one; what it says is shown, and nothing is kept. */
    public function read(Request $request, string $kind, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $said = match ($kind) {
            'scale' => $this->onScale($request, $workshop, $show),
            'meter' => $this->byMeter($request, $workshop, $show),
            'tachometer' => $this->atSpeed($request, $workshop),
            default => abort(404),
        };

        return back()->withInput()->with('said', $said);
    }

    private function onScale(Request $request, Workshop $workshop, Show $show): string
    {
        $grams = $this->instruments->scale($workshop)->grams(WeighBlank::numbered($workshop, $request));

        return match (true) {
            $grams === null => throw ValidationException::withMessages([
                'number' => say('http.instrument.scale-says-nothing'),
            ]),
            $grams <= 0 || $grams > WeighBlank::MOST_G => say('http.instrument.scale-says-nonsense', [
                'mass' => $show->mass($grams),
            ]),
            default => say('http.instrument.scale-says', ['mass' => $show->mass($grams)]),
        };
    }

    private function byMeter(Request $request, Workshop $workshop, Show $show): string
    {
        $percent = $this->instruments->meter($workshop)->percent(WeighBlank::numbered($workshop, $request));

        return match (true) {
            $percent === null => throw ValidationException::withMessages([
                'number' => say('http.instrument.meter-says-nothing'),
            ]),
            $percent < 0 || $percent > 100 => say('http.instrument.meter-says-nonsense', [
                'percent' => $show->plain($percent),
            ]),
            default => say('http.instrument.meter-says', ['percent' => $show->plain($percent)]),
        };
    }

    private function atSpeed(Request $request, Workshop $workshop): string
    {
        $typed = $request->validate(['rpm' => ['required', 'numeric', 'between:'.implode(',', self::RPM)]]);
        $rpm = $this->instruments->tachometer($workshop, (float) $typed['rpm'])->rpm();

        return match (true) {
            $rpm === null => throw ValidationException::withMessages([
                'rpm' => say('http.instrument.tachometer-says-nothing'),
            ]),
            $rpm < 0 => say('http.instrument.tachometer-says-rpm-nonsense', ['rpm' => $rpm]),
            default => say('http.instrument.tachometer-says-rpm-set', [
                'rpm' => $rpm,
                'set' => $typed['rpm'],
            ]),
        };
    }
}
