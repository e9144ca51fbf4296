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

        return view('instruments', [
            'set' => array_map(
                fn (string $kind): string => Instruments::fault($workshop, $kind)->value,
                array_combine(array_keys(Instruments::KINDS), array_keys(Instruments::KINDS)),
            ),
            'faults' => array_column(array_map(
                fn (InstrumentFault $one): array => [$one->value, $one->label()], InstrumentFault::cases(),
            ), 1, 0),
        ]);
    }

    public function update(Request $request, string $kind): RedirectResponse
    {
        abort_unless(isset(Instruments::KINDS[$kind]), 404);
        $typed = $request->validate(['fault' => ['required', Rule::enum(InstrumentFault::class)]]);
        $workshop = $this->workshop($request);
        $workshop->update(['instruments' => ($workshop->instruments ?? new Choices)->with([$kind => $typed['fault']])]);

        return back()->with('said', Instruments::KINDS[$kind].': set.');
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
            $grams === null => throw ValidationException::withMessages(['number' => 'The scale says nothing.']),
            $grams <= 0 || $grams > WeighBlank::MOST_G => 'The scale says '.$show->mass($grams).': nonsense.',
            default => 'The scale says '.$show->mass($grams).'.',
        };
    }

    private function byMeter(Request $request, Workshop $workshop, Show $show): string
    {
        $percent = $this->instruments->meter($workshop)->percent(WeighBlank::numbered($workshop, $request));

        return match (true) {
            $percent === null => throw ValidationException::withMessages(['number' => 'The meter says nothing.']),
            $percent < 0 || $percent > 100 => "The meter says {$show->plain($percent)} %: nonsense.",
            default => "The meter says {$show->plain($percent)} %.",
        };
    }

    private function atSpeed(Request $request, Workshop $workshop): string
    {
        $typed = $request->validate(['rpm' => ['required', 'numeric', 'between:'.implode(',', self::RPM)]]);
        $rpm = $this->instruments->tachometer($workshop, (float) $typed['rpm'])->rpm();

        return match (true) {
            $rpm === null => throw ValidationException::withMessages(['rpm' => 'The tachometer says nothing.']),
            $rpm < 0 => "The tachometer says $rpm rpm: nonsense.",
            default => "The tachometer says $rpm rpm, set to {$typed['rpm']}.",
        };
    }
}
