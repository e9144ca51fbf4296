<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PinSteps;
use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Models\Workshop;
use App\Planning\Planner;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Steps that stay when they are planned: one, all of a day, all of a piece. */
class PinController extends Controller
{
    public function store(PinSteps $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        if ($request->steps($workshop)->where('start_at', '<', now()->startOfMinute())->exists()) {
            // It stood there as planned, and its minute has passed meanwhile: it is fixed where it is planned now.
            $planner->plan($workshop);
        }
        $ahead = $request->steps($workshop)->where('start_at', '>=', now()->startOfMinute());

        return $this->fix($workshop, $ahead, 'start_at', $planner);
    }

    /** Puts what the last change has moved back where it was, and keeps it there. */
    public function asItWas(Request $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        if ($request->integer('moved') !== (int) $workshop->plan_summary?->movedAt?->getTimestamp()) {
            // Pressed twice, or on a page from before: what has moved last is something else.
            return back()->with('said', say('http.weeks.moved-since'));
        }
        $steps = PlannedStep::query()->where('workshop_id', $workshop->id)->where('state', StepState::Open)
            ->where('minutes', '>', 0)->where('was_at', '>=', now()->startOfMinute());

        return $this->fix($workshop, $steps, 'was_at', $planner);
    }

    /**
     * @param  Builder<PlannedStep>  $steps
     * @param  string  $at  the column that says when
     */
    private function fix(Workshop $workshop, Builder $steps, string $at, Planner $planner): RedirectResponse
    {
        $fixed = $steps->get(['piece_id', 'step', $at]);
        $planner->apply($workshop, function () use ($workshop, $fixed, $at): void {
            foreach ($fixed as $step) {
                StepPin::query()->updateOrCreate(
                    ['workshop_id' => $workshop->id, 'piece_id' => $step->piece_id, 'step' => $step->step],
                    ['start_at' => $step->getAttribute($at)],
                );
            }
        });

        return back()->with('said', say('http.weeks.fixed', ['count' => $fixed->count()]));
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
