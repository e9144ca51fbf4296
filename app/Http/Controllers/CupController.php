<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskMix;
use App\Models\PlannedStep;
use App\Models\StepState;
use App\Models\Workshop;
use App\Planning\Airs;
use App\Planning\ShopMapper;
use App\View\MixPage;
use App\View\Show;
use App\View\TinRatio;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;

/** Mixing at the bench: what goes into the cup for what is due now. */
class CupController extends Controller
{
    public function __construct(
        private readonly ShopMapper $mapper,
        private readonly Airs $airs,
        private readonly Catalogue $catalogue,
        private readonly Show $show,
    ) {
    }

    public function show(AskMix $request, PlannedStep $step): View
    {
        $workshop = $this->workshop($request);
        abort_unless($step->isMixed(), 404);
        $coating = $this->mapper->coatings($workshop)->coating((string) $step->product);
        $steps = $this->alike($workshop, $step);
        $chosen = array_values(array_map(intval(...), $request->validated('steps') ?? $steps->filter(
            fn (PlannedStep $one): bool => $one->is($step) || $one->opens_at?->isFuture() !== true,
        )->pluck('id')->all()));
        $resin = $request->number('resin_density');

        return view('cup', ['step' => $step, 'page' => new MixPage(
            coating: $coating, steps: $steps, chosen: $chosen, kind: $request->kind(MixPage::usualKind($coating)),
            tin: new TinRatio(
                thinnerPercent: $request->number('thinner') ?? 50.0, resin: $request->number('resin') ?? 0.0,
                hardener: $request->number('hardener') ?? 1.0, byMass: $request->validated('by') === 'mass',
                densities: $resin === null ? null : [$resin, $request->number('hardener_density') ?? 1.0],
            ),
            labelLife: $request->number('pot_life') ?? $coating->potLifeMinutes,
            tempC: $this->tempC($request, $workshop), calibration: $this->catalogue->calibration(),
        )]);
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
