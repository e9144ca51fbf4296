<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Whether the plan is the newest there is, for pages that wait for it; and a plan by hand. */
class PlanController extends Controller
{
    public function show(Request $request, Planner $planner): JsonResponse
    {
        $workshop = $this->workshop($request);

        return response()->json([
            'version' => $workshop->version, 'stale' => $planner->isStale($workshop),
        ]);
    }

    public function store(Request $request, Planner $planner): RedirectResponse
    {
        $planner->plan($this->workshop($request));

        return back()->with('said', say('http.plan.planned-anew'));
    }
}
