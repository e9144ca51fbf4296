<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\View\WeeksChart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class WeeksController extends Controller
{
    public function show(Request $request, Planner $planner): View
    {
        $workshop = $this->workshop($request);
        $planner->replanIfStale($workshop);
        $days = in_array($request->integer('days'), [7, 14, 28, 56], true) ? $request->integer('days') : 28;

        return view('weeks', ['chart' => WeeksChart::of($workshop, $this->user($request)->timeZone(), $days, max(0, $request->integer('page', 1) - 1)), 'summary' => $workshop->plan_summary ?? [], 'days' => $days]);
    }
}
