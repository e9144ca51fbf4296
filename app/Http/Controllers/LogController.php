<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The shop's log, all pieces together, and notes about one piece or none. */
class LogController extends Controller
{
    public function index(Request $request): View
    {
        $workshop = $this->workshop($request);
        $entries = $workshop->logEntries()->with(['user:id,name', 'piece:id,workshop_id,name'])->orderByDesc('happened_at')->orderByDesc('id')->simplePaginate(40);

        return view('log', ['entries' => $entries, 'undone' => $workshop->logEntries()->whereIn('undoes_id', $entries->pluck('id'))->pluck('undoes_id')->flip()]);
    }

    public function store(Request $request, ?Piece $piece = null): RedirectResponse
    {
        $body = $request->validate(['body' => ['required', 'string', 'max:1000']])['body'];
        $this->workshop($request)->logEntries()->create(['piece_id' => $piece?->id, 'user_id' => $this->user($request)->id, 'kind' => 'note', 'happened_at' => now(), 'body' => $body]);

        return back()->with('said', 'Noted.');
    }
}
