<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\Planner;
use App\View\PiecePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class RouteController extends Controller
{
    public function show(Request $request, Piece $piece, Planner $planner): View
    {
        $planner->replanIfStale($piece->workshop);

        return view('pieces.route', ['page' => PiecePage::of($piece->refresh())]);
    }

    public function record(Request $request, Piece $piece): View
    {
        $entries = $piece->logEntries()->with('user:id,name')->orderByDesc('happened_at')->orderByDesc('id')->simplePaginate(50);
        $undone = $piece->logEntries()->whereNotNull('undoes_id')->pluck('undoes_id')->flip();

        return view('pieces.record', ['page' => PiecePage::of($piece), 'entries' => $entries, 'undone' => $undone, 'revisions' => $piece->revisions()->orderByDesc('number')->limit(20)->get(['number', 'what', 'created_at'])]);
    }

    public function card(Request $request, Piece $piece): View
    {
        return view('pieces.card', ['page' => PiecePage::of($piece), 'piece' => $piece]);
    }
}
