<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\View\WeeksChart;
use Illuminate\Http\Request;
use Illuminate\View\View;

class WeeksController extends Controller
{
    public function show(Request $request, Planner $planner): View
    {
        $workshop = $this->workshop($request);
        $planner->replanIfStale($workshop);
        $days = in_array((int) $request->query('days'), [7, 14, 28, 56], true) ? (int) $request->query('days') : 28;

        return view('weeks', ['chart' => WeeksChart::of($workshop, $this->user($request)->timeZone(), $days, max(0, (int) $request->query('page', 1) - 1)), 'summary' => $workshop->plan_summary ?? [], 'days' => $days]);
    }
}
