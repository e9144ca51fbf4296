<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CountDiscs;
use App\Http\Requests\SaveAbrasive;
use App\Models\Abrasive;
use App\Planning\Planner;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class AbrasiveController extends Controller
{
    public function __construct(private readonly Planner $planner)
    {
    }

    public function store(SaveAbrasive $request, Catalogue $catalogue, Show $show): RedirectResponse
    {
        $typed = $request->validated();
        $grit = $catalogue->abrasives()->named($show->typedGrit($typed['grit']), 'grit')->name;
        $workshop = $this->workshop($request);
        $this->planner->apply(
            $workshop,
            fn (): Abrasive => $workshop->abrasives()->updateOrCreate(
                ['grit' => $grit], ['discs' => (int) ($typed['discs'] ?? 0)],
            ),
        );

        return back()->with('said', say('http.abrasive.shelf-every-ladder-worked', ['grit' => $grit]));
    }

    public function update(CountDiscs $request, Abrasive $abrasive): RedirectResponse
    {
        // What is not on the form stays: an older page has no price.
        $abrasive->update($request->validated());

        return back()->with('said', say('http.abrasive.discs', [
            'grit' => $abrasive->grit,
            'discs' => $abrasive->discs,
        ]));
    }

    public function destroy(Request $request, Abrasive $abrasive): RedirectResponse
    {
        $this->planner->apply($this->workshop($request), fn (): ?bool => $abrasive->delete());

        return back()->with('said', say('http.abrasive.off-shelf-every-ladder', ['grit' => $abrasive->grit]));
    }
}
