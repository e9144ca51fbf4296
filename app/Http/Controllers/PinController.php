<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PinSteps;
use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Planning\Planner;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Steps that stay when they are planned: one, all of a day, all of a piece. */
class PinController extends Controller
{
    public function store(PinSteps $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $steps = $request->steps($workshop)->get(['piece_id', 'step', 'start_at']);
        $planner->apply($workshop, function () use ($workshop, $steps): void {
            foreach ($steps as $step) {
                /** @var PlannedStep $step */
                StepPin::query()->updateOrCreate(
                    ['workshop_id' => $workshop->id, 'piece_id' => $step->piece_id, 'step' => $step->step],
                    ['start_at' => $step->start_at],
                );
            }
        });

        return back()->with('said', say('http.weeks.fixed', ['count' => $steps->count()]));
    }

    /** Puts what the last change has moved back where it was, and keeps it there. */
    public function asItWas(Request $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $steps = PlannedStep::query()->where('workshop_id', $workshop->id)->where('state', StepState::Open)
            ->where('minutes', '>', 0)->where('was_at', '>=', now()->startOfMinute())
            ->get(['piece_id', 'step', 'was_at']);
        $planner->apply($workshop, function () use ($workshop, $steps): void {
            foreach ($steps as $step) {
                StepPin::query()->updateOrCreate(
                    ['workshop_id' => $workshop->id, 'piece_id' => $step->piece_id, 'step' => $step->step],
                    ['start_at' => $step->was_at],
                );
            }
        });

        return back()->with('said', say('http.weeks.fixed', ['count' => $steps->count()]));
    }

    /** Lets them move again: one, or all of a day or a piece. */
    public function destroy(PinSteps $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $pins = $request->pins($workshop);
        $count = $planner->apply($workshop, fn (): int => (int) $pins->delete());

        return back()->with('said', say('http.weeks.let-go', ['count' => $count]));
    }
}
