<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PressedAt;
use App\Http\Requests\WriteNote;
use App\Models\EntryKind;
use App\Models\Kept\Facts;
use App\Models\Kept\Measured;
use App\Models\Piece;
use App\Pictures\Photos;
use App\Planning\Logbook;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The shop's log, all pieces together, and notes about one piece or none. */
class LogController extends Controller
{
    public function __construct(private readonly Logbook $logbook, private readonly Photos $photos)
    {
    }

    public function index(Request $request): View
    {
        $workshop = $this->workshop($request);
        $entries = $workshop->logEntries()
            ->with(['user:id,name', 'piece:id,workshop_id,name'])
            ->orderByDesc('happened_at')
            ->orderByDesc('id')
            ->simplePaginate(40);

        return view(
            'log',
            [
                'entries' => $entries,
                'undone' => $workshop->logEntries()->whereIn(
                    'undoes_id', $entries->pluck('id'),
                )->pluck('undoes_id')->flip(),
            ],
        );
    }

    public function store(WriteNote $request, Show $show, ?Piece $piece = null): RedirectResponse
    {
        $grams = $piece === null ? null : $request->grams($show);
        $workshop = $this->workshop($request);
        $photo = $request->photo() === null ? null : $this->photos->keep($workshop, $request->photo());
        $entry = $this->logbook->jot($workshop, [
            'piece_id' => $piece?->id, 'user_id' => $this->user($request)->id, 'kind' => EntryKind::Note,
            'happened_at' => PressedAt::of($request),
            'body' => $request->validated('body'),
            'facts' => new Facts(measured: new Measured(
                weightG: $grams === null ? null : round($grams, 2), photo: $photo,
            )),
        ], $request->validated('once'));
        // A photograph that came with a second sending is kept for nobody.
        $entry->wasRecentlyCreated || $this->photos->forget($workshop->id, $photo);

        return back()->with('said', say('http.log.noted'));
    }
}
