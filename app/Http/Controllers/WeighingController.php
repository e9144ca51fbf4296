<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\DoubtfulWeight;
use App\Http\PressedAt;
use App\Http\Requests\WeighBlank;
use App\Models\Blank;
use App\Models\Weighing;
use App\Models\Workshop;
use App\Planning\Instruments;
use App\Planning\Planner;
use App\Planning\Rack;
use App\View\RackShelf;
use App\View\Show;
use App\View\WeightDoubts;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Weights, one after another at the rack, and their corrections. */
class WeighingController extends Controller
{
    private const SHOWN = 12;

    private const RECENT_HOURS = 12;

    public function __construct(private readonly Rack $rack, private readonly Planner $planner)
    {
    }

    public function create(Request $request, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);

        return view('rack.weigh', [
            'shelf' => new RackShelf([], $catalogue->calibration()->drying, $show),
            'doubts' => new WeightDoubts($show),
            'recent' => $workshop->weighings()->standing()->with('blank')
                ->where('created_at', '>', now()->subHours(self::RECENT_HOURS))
                ->latest('id')
                ->limit(self::SHOWN)
                ->get(),
            'next' => $workshop->blanks()->onRack()->orderByRaw('last_weighed_at is null desc')
                ->orderBy('last_weighed_at')->orderBy('number')->limit(self::SHOWN)->get(),
        ]);
    }

    public function store(WeighBlank $request, Show $show): RedirectResponse
    {
        $blank = $request->blank();
        $workshop = $this->workshop($request);
        $this->rack->weigh(
            $blank, $request->at() ?? PressedAt::of($request), $request->massG($show), $request->meter(),
            $this->user($request),
        );
        // The weight stands by now, whatever comes of the rest.
        $this->rack->derive($blank, $workshop);
        $this->replan($blank, $workshop);

        return back()->with('said', say('http.weighing.number', [
            'number' => $blank->number,
            'weighed' => $show->weighed($request->massG($show)),
        ]));
    }

    /** The number typed, the weight read from the scale; what cannot be true is said and not kept. */
    public function fromScale(Request $request, Instruments $instruments, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $blank = WeighBlank::numbered($workshop, $request);
        $grams = $instruments->scale($workshop)->grams($blank)
            ?? throw ValidationException::withMessages(['mass' => say('http.weighing.scale-says-nothing-type')]);
        $last = $blank->last_mass_g ?? $grams;
        if ($grams < WeighBlank::LEAST_G || $grams > WeighBlank::MOST_G
            || DoubtfulWeight::isFar((float) $last, $grams, DoubtfulWeight::MOST_CHANGE)) {
            throw ValidationException::withMessages([
                'mass' => say('http.weighing.scale-says-which-cannot', ['mass' => $show->mass($grams)]),
            ]);
        }
        $this->rack->weigh($blank, now(), $grams, null, $this->user($request), 'scale');
        $this->rack->derive($blank, $workshop);
        $this->replan($blank, $workshop);

        return back()->with('said', say('http.weighing.number-scale', [
            'number' => $blank->number,
            'mass' => $show->mass($grams),
        ]));
    }

    /** A correction: the old weight is struck out, and the new one stands in its place. */
    public function update(WeighBlank $request, Weighing $weighing, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $isCorrected = DB::transaction(function () use ($request, $weighing, $workshop, $show): bool {
            $workshop->lock();
            if ($weighing->refresh()->struck_at !== null) {
                return false;
            }
            $weighing->update(['struck_at' => now()]);
            $this->rack->weigh(
                $weighing->blank, $request->at() ?? $weighing->at, $request->massG($show), $request->meter(),
                $this->user($request), more: ['corrects_id' => $weighing->id, 'batch' => $weighing->batch],
            );

            return true;
        });
        $this->rack->derive($weighing->blank, $workshop);
        if (! $isCorrected) {
            return back()->withErrors(
                ['mass' => say('http.weighing.weight-corrected-or-struck')],
            );
        }
        $this->replan($weighing->blank, $workshop);

        return back()->with('said', say('http.weighing.corrected-what-said-before'));
    }

    /** However strange it looks next to the one before, it is right. */
    public function sure(Request $request, Weighing $weighing): RedirectResponse
    {
        $weighing->update(['sure_at' => now()]);

        return back()->with('said', say('http.weighing.number-weight-right-stands', [
            'number' => $weighing->blank->number,
        ]));
    }

    public function destroy(Request $request, Weighing $weighing): RedirectResponse
    {
        $this->rack->strike($this->workshop($request), fn ($query) => $query->whereKey($weighing->id));

        $this->replan($weighing->blank, $this->workshop($request));

        return back()->with('said', say('http.weighing.struck-out-stays-record'));
    }

    /** The date of a piece follows the weights of its wood. */
    private function replan(Blank $blank, Workshop $workshop): void
    {
        if ($blank->piece_id !== null) {
            $this->planner->apply($workshop, fn (): bool => true);
        }
    }
}
