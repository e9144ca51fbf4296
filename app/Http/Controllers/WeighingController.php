<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Instruments;
use App\Http\Requests\WeighBlank;
use App\Models\Blank;
use App\Models\Weighing;
use App\Models\Workshop;
use App\Planning\Planner;
use App\Planning\Rack;
use App\View\RackShelf;
use App\View\Show;
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

    /** A blank does not lose or gain more than this share of its weight between two weighings. */
    private const MOST_CHANGE = 0.6;

    private const RECENT_HOURS = 12;

    public function __construct(private readonly Rack $rack, private readonly Planner $planner)
    {
    }

    public function create(Request $request, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);

        return view('rack.weigh', [
            'shelf' => new RackShelf([], $catalogue->calibration()->drying, $show),
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
        DB::transaction(function () use ($request, $blank, $workshop, $show): void {
            $this->rack->weigh(
                $blank, $request->at() ?? now(), $request->massG($show), $request->meter(), $this->user($request),
            );
            $this->rack->derive($blank, $workshop);
        });
        $this->replan($blank, $workshop);

        return back()->with('said', "Number $blank->number: {$show->mass($request->massG($show))}.");
    }

    /** The number typed, the weight read from the scale; what cannot be true is said and not kept. */
    public function fromScale(Request $request, Instruments $instruments, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $blank = WeighBlank::numbered($workshop, $request);
        $grams = $instruments->scale($workshop)->grams($blank)
            ?? throw ValidationException::withMessages(['mass' => 'The scale says nothing; type the weight.']);
        $last = $blank->last_mass_g ?? $grams;
        if ($grams <= 0 || $grams > WeighBlank::MOST_G || abs($grams / $last - 1) > self::MOST_CHANGE) {
            throw ValidationException::withMessages([
                'mass' => "The scale says {$show->mass($grams)}, which cannot be that blank; it is not kept.",
            ]);
        }
        DB::transaction(function () use ($blank, $grams, $workshop, $request): void {
            $this->rack->weigh($blank, now(), $grams, null, $this->user($request), 'scale');
            $this->rack->derive($blank, $workshop);
        });
        $this->replan($blank, $workshop);

        return back()->with('said', "Number $blank->number: {$show->mass($grams)} by the scale.");
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
            $this->rack->derive($weighing->blank, $workshop);

            return true;
        });
        if (! $isCorrected) {
            return back()->withErrors(
                ['mass' => 'That weight was corrected or struck out already; nothing was changed.'],
            );
        }
        $this->replan($weighing->blank, $workshop);

        return back()->with('said', 'Corrected; what it said before stays on record.');
    }

    public function destroy(Request $request, Weighing $weighing): RedirectResponse
    {
        $this->rack->strike($this->workshop($request), fn ($query) => $query->whereKey($weighing->id));

        $this->replan($weighing->blank, $this->workshop($request));

        return back()->with('said', 'Struck out; it stays on record.');
    }

    /** The date of a piece follows the weights of its wood. */
    private function replan(Blank $blank, Workshop $workshop): void
    {
        if ($blank->piece_id !== null) {
            $this->planner->apply($workshop, fn (): bool => true);
        }
    }
}
