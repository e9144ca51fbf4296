<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PressedAt;
use App\Http\Requests\AskMix;
use App\Http\Requests\MixCup;
use App\Models\Kept\TinRatio;
use App\Models\MixedCup;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\Cups;
use App\Planning\ShelfStock;
use App\Planning\ShopMapper;
use App\View\MixKind;
use App\View\MixPage;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Coating;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Mixing at the bench: what goes into the cup for what is due now. */
class CupController extends Controller
{
    public function __construct(
        private readonly ShopMapper $mapper,
        private readonly Airs $airs,
        private readonly Catalogue $catalogue,
        private readonly Show $show,
        private readonly Cups $cups,
    ) {
    }

    public function show(AskMix $request, PlannedStep $step): View
    {
        return view('cup', ['step' => $step, 'page' => $this->page($request, $step)]);
    }

    /** It is mixed: off the shelf, into a cup, and its clock runs. */
    public function store(MixCup $request, PlannedStep $step): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $page = $this->page($request, $step);
        if (! $page->isRatioKnown() || $page->ml() <= 0.0) {
            throw ValidationException::withMessages(['resin' => say('http.cup.how-much')]);
        }
        $product = (string) $step->product;
        $cup = $this->cups->mix(
            workshop: $workshop, user: $this->user($request), product: $product, ml: $page->ml(),
            productMl: $page->productMl(), potLifeMinutes: $page->potLife(), at: PressedAt::of($request),
            once: $request->validated('once'),
        );
        $this->cups->keepRatio($workshop, $product, new TinRatio(
            $page->tin->thinnerPercent, $page->tin->resin, $page->tin->hardener, $page->tin->byMass,
            $page->tin->densities, $page->kind->value,
        ));

        return redirect()->route('bench')->with('said', say('http.cup.mixed', [
            'amount' => $this->show->volume($cup->mixed_ml), 'product' => $this->show->product($product),
        ]));
    }

    public function destroy(Request $request, MixedCup $cup, ShelfStock $shelf): RedirectResponse
    {
        $this->cups->empty($cup, $request->boolean('never'), $shelf, $this->workshop($request));

        return back()->with('said', say('http.cup.emptied', ['product' => $this->show->product($cup->product)]));
    }

    private function page(AskMix $request, PlannedStep $step): MixPage
    {
        $workshop = $this->workshop($request);
        abort_unless($step->isMixed(), 404);
        $coating = $this->mapper->coatings($workshop)->coating((string) $step->product);
        $steps = $this->alike($workshop, $step);
        $chosen = array_values(array_map(intval(...), $request->validated('steps') ?? $steps->filter(
            fn (PlannedStep $one): bool => $one->is($step) || $one->opens_at?->isFuture() !== true,
        )->pluck('id')->all()));
        // As it was mixed from this tin the last time, until something else is typed.
        $kept = $workshop->tins->firstWhere('product', $step->product)->ratio ?? new TinRatio;
        $resin = $request->number('resin_density') ?? $kept->densities[0] ?? null;
        $by = $request->validated('by');

        return new MixPage(
            coating: $coating, steps: $steps, chosen: $chosen,
            kind: $this->kind($request, $kept, $coating),
            tin: new TinRatio(
                thinnerPercent: $request->number('thinner') ?? $kept->thinnerPercent,
                resin: $request->number('resin') ?? $kept->resin,
                hardener: $request->number('hardener') ?? $kept->hardener,
                byMass: $by === null ? $kept->byMass : $by === 'mass',
                densities: $resin === null ? null
                    : [$resin, $request->number('hardener_density') ?? $kept->densities[1] ?? 1.0],
            ),
            labelLife: $request->number('pot_life') ?? $coating->potLifeMinutes,
            tempC: $this->tempC($request, $workshop), calibration: $this->catalogue->calibration(),
        );
    }

    /** As it is asked for, else as the last time, where that goes for this finish; else as usual. */
    private function kind(AskMix $request, TinRatio $kept, Coating $coating): MixKind
    {
        $usual = MixPage::usualKind($coating);
        $kind = $request->kind(MixKind::tryFrom((string) $kept->kind) ?? $usual);

        return in_array($kind, MixKind::of($coating), true) ? $kind : $usual;
    }

    /**
     * What takes the same product next on its piece, today or now.
     *
     * @return Collection<int, PlannedStep>
     */
    private function alike(Workshop $workshop, PlannedStep $step): Collection
    {
        $dayEnds = now($workshop->time_zone)->endOfDay()->utc();

        return $workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
            ->where('is_next', true)->where('kind', StepKind::Coat->value)->where('product', $step->product)
            ->where(fn ($q) => $q->whereNull('opens_at')->orWhere('opens_at', '<=', $dayEnds)->orWhere('id', $step->id))
            ->orderBy('start_at')->limit(60)->get()
            ->sortBy(fn (PlannedStep $one): int => $one->is($step) ? 0 : 1)->values();
    }

    private function tempC(AskMix $request, Workshop $workshop): float
    {
        $typed = $request->number('cup_temp');

        return $typed !== null ? $this->show->typed(Unit::Temperature, $typed)
            : $this->airs->readAbout($workshop, '', now())->tempC ?? $workshop->climate->dayC;
    }
}
