<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\View\Ring;
use App\View\Rings;
use App\View\Show;
use App\View\Stamp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a page that stays open asks again and again: whether the plan is a new one, and what will ring. */
class PlanController extends Controller
{
    public function show(Request $request, Planner $planner, Show $show): JsonResponse
    {
        $workshop = $this->workshop($request);
        $rings = new Rings($workshop, $show, $workshop->workerOf($this->user($request)));

        return response()->json([
            'version' => $workshop->version, 'stamp' => Stamp::of($workshop),
            'stale' => $planner->isStale($workshop), 'at' => now()->getTimestamp(),
            'token' => csrf_token(), 'user' => $this->user($request)->id,
            'rings' => array_map(fn (Ring $ring): array => $ring->toArray(), $rings->coming()),
        ]);
    }

    public function store(Request $request, Planner $planner): RedirectResponse
    {
        $planner->plan($this->workshop($request));

        return back()->with('said', say('http.plan.planned-anew'));
    }
}
