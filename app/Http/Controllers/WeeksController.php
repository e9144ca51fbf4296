<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MovePromise;
use App\Models\Kept\PlanSummary;
use App\Models\Piece;
use App\Models\PieceState;
use App\Planning\Planner;
use App\Planning\WhatIf\Change;
use App\Planning\WhatIf\Changes;
use App\Planning\WhatIf\Remedies;
use App\Planning\WhatIf\WhatIf;
use App\View\Moved;
use App\View\Musts;
use App\View\Show;
use App\View\WeekDay;
use App\View\WeekPiece;
use App\View\WeeksAsked;
use App\View\WeeksChart;
use HonestGrain\Words\Quantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class WeeksController extends Controller
{
    public function show(Request $request, Planner $planner, Remedies $remedies, Show $show): View
    {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);
        $asked = WeeksAsked::of($request);
        $summary = $workshop->plan_summary ?? PlanSummary::none();
        $piece = $asked->piece === null ? null : $workshop->pieces()->working()->find($asked->piece);
        $names = $piece === null ? [] : $workshop->pieces()->working()->orderBy('name')->pluck('name', 'id')->all();

        return view('weeks', [
            'chart' => WeeksChart::of($workshop, $show, $asked), 'asked' => $asked, 'summary' => $summary,
            'chosen' => $piece === null ? null : WeekPiece::of(
                $piece, array_map(
                    fn (Change $change): array => [
                        'written' => Changes::written([$change])[0], 'said' => $change->said($names),
                    ], $piece->late === null ? [] : $remedies->for($workshop, $piece),
                ), $names,
            ),
            'day' => WeekDay::of($workshop, $asked), 'musts' => Musts::of($workshop),
            'wishes' => $workshop->pieces()->where('state', PieceState::Wish)->with('sale')
                ->orderByRaw('due_at is null')->orderBy('due_at')->get(['id', 'workshop_id', 'name', 'due_at']),
            'pins' => $workshop->pins()->with('piece:id,workshop_id,name')->orderBy('start_at')->get()
                ->groupBy('piece_id'),
            'planned' => say('http.weeks.last-planned', [
                'at' => $workshop->planned_at === null
                    ? say('http.weeks.never') : $show->dayTime($workshop->planned_at),
                'finish' => $this->finish($summary, $show),
            ]),
        ]);
    }

    /** A piece promised for another time, or its lateness weighed otherwise. */
    public function move(MovePromise $request, Piece $piece, WhatIf $whatIf): RedirectResponse
    {
        $changes = $request->changes($piece);
        $before = $piece->ready_at;
        if ($changes !== []) {
            $taken = $whatIf->take($this->workshop($request), $changes, $this->user($request));
            $request->session()->put(TryController::TAKEN, $taken);
        }
        $piece->refresh();

        return redirect()->to($request->string('back')->toString() ?: route('weeks', ['piece' => $piece->id]))
            ->with('said', say($changes === [] ? 'http.weeks.as-it-was' : 'http.weeks.promised', [
                'piece' => $piece->name,
                'day' => $piece->due_at === null ? '' : Quantity::at($piece->due_at),
            ]))->with('moved', Moved::told($piece->name, $before, $piece->ready_at))
            ->with('takeBack', $changes !== []);
    }

    /** The week for the wall. */
    public function sheet(Request $request): View
    {
        return view('print.week', ['week' => WeekDay::week($this->workshop($request), $request->integer('week'))]);
    }

    /** When all is done, and how much sooner that could be at best. */
    private function finish(PlanSummary $summary, Show $show): string
    {
        [$finish, $bound] = [$summary->finish, $summary->lowerBound];
        if ($finish === null || $bound === null) {
            return '';
        }

        return $finish->diffInHours($bound, true) < 1
            ? say('http.weeks.all-done-early-can', ['day' => $show->day($finish)])
            : say('http.weeks.all-done-which-cannot', [
                'finish' => $show->day($finish),
                'bound' => $show->day($bound),
            ]);
    }
}
