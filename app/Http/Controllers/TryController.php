<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddChange;
use App\Http\Requests\TrySheet;
use App\Models\Workshop;
use App\Planning\VersionConflict;
use App\Planning\WhatIf\Before;
use App\Planning\WhatIf\Change;
use App\Planning\WhatIf\Changes;
use App\Planning\WhatIf\WhatIf;
use App\View\TriedPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The sheet on which something is tried without changing the plan; its address is all of it. */
class TryController extends Controller
{
    /** What was taken last, in the session of whoever took it. */
    public const TAKEN = 'taken';

    public function show(TrySheet $request, WhatIf $whatIf): View
    {
        return view('try', ['page' => $this->page($request, $whatIf, $request->changes())]);
    }

    /** What one remedy would come to, for the row that shows it. */
    public function price(TrySheet $request, WhatIf $whatIf): View
    {
        return view('tried', [
            'page' => $this->page($request, $whatIf, $request->changes()),
            'piece' => $request->integer('piece') ?: null,
        ]);
    }

    /** One more line on the sheet. */
    public function add(AddChange $request): RedirectResponse
    {
        $typed = [...(array) $request->validated('do', []), $request->written()];

        return redirect()->route('try', ['do' => Changes::written(Changes::read($typed))]);
    }

    /** Takes what is on the sheet. */
    public function store(TrySheet $request, WhatIf $whatIf): RedirectResponse
    {
        $changes = $request->changes();
        $request->session()->put(self::TAKEN, $whatIf->take(
            $this->workshop($request), $changes, $this->user($request),
        ));
        $piece = array_values(array_filter(array_map(fn (Change $one): ?int => $one->piece(), $changes)))[0] ?? null;

        return redirect()->route('weeks', array_filter(['piece' => $piece]))->with('said', say('http.weeks.taken'))
            ->with('takeBack', true);
    }

    /** Puts back what was taken last, if nothing else was changed since. */
    public function back(Request $request, WhatIf $whatIf): RedirectResponse
    {
        $before = $request->session()->pull(self::TAKEN);
        try {
            if (! $before instanceof Before) {
                throw new VersionConflict;
            }
            $whatIf->takeBack($this->workshop($request), $before);
        } catch (VersionConflict) {
            return back()->with('said', say('http.weeks.changed-since'));
        }

        return back()->with('said', say('http.weeks.taken-back'));
    }

    /** When one more piece like another could be promised. */
    public function promise(Request $request, WhatIf $whatIf): View
    {
        $workshop = $this->workshop($request);
        $like = $workshop->pieces()->find($request->integer('like'));
        $like === null || $this->canBeTried($workshop, $whatIf);

        return view('promise', [
            'pieces' => $workshop->pieces()->orderByDesc('id')->limit(200)->get(['id', 'workshop_id', 'name']),
            'like' => $like, 'promise' => $like === null ? null : $whatIf->promise($workshop, $like),
        ]);
    }

    /** Says so where a whole plan would take longer than a page may. */
    private function canBeTried(Workshop $workshop, WhatIf $whatIf): void
    {
        $count = $workshop->pieces()->working()->count();
        if ($count > $whatIf->most) {
            abort(422, say('http.weeks.too-many', ['count' => $count, 'most' => $whatIf->most]));
        }
    }

    /** @param  list<Change>  $changes */
    private function page(Request $request, WhatIf $whatIf, array $changes): TriedPage
    {
        $workshop = $this->workshop($request);
        $this->canBeTried($workshop, $whatIf);
        $names = $workshop->pieces()->working()->orderBy('name')->pluck('name', 'id')->all();

        return new TriedPage(
            $whatIf->try($workshop, $changes), $names, array_map(fn (Change $change): array => [
                'written' => Changes::written([$change])[0], 'said' => $change->said($names),
                'piece' => $change->piece(),
            ], $changes),
        );
    }
}
