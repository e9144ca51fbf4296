<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Kept\PlanSummary;
use App\Planning\Planner;
use App\View\Show;
use App\View\WeeksChart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class WeeksController extends Controller
{
    public function show(Request $request, Planner $planner, Show $show): View
    {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);
        $days = in_array($request->integer('days'), [7, 14, 28, 56], true) ? $request->integer('days') : 28;

        $page = min(500, max(0, $request->integer('page', 1) - 1));

        return view('weeks', [
            'chart' => WeeksChart::of($workshop, $show, $days, $page),
            'summary' => $workshop->plan_summary ?? PlanSummary::none(), 'days' => $days,
            'planned' => say('http.weeks.last-planned', [
                'at' => $workshop->planned_at === null
                    ? say('http.weeks.never') : $show->dayTime($workshop->planned_at),
                'finish' => $this->finish($workshop->plan_summary ?? PlanSummary::none(), $show),
            ]),
        ]);
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
