<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveFlaw;
use App\Http\Requests\TakeAway;
use App\Models\Blank;
use App\Planning\Rack;
use App\Planning\VersionConflict;
use App\View\Show;
use Closure;
use HonestGrain\Piece\Flaw;
use HonestGrain\Piece\Id;
use Illuminate\Http\RedirectResponse;

/** What the wood of a blank brings; a piece that is made of it takes it over. */
class BlankFlawController extends Controller
{
    public function __construct(private readonly Rack $rack)
    {
    }

    public function store(SaveFlaw $request, Blank $blank, Show $show): RedirectResponse
    {
        $flaw = $request->flaw(Id::fresh('f'), 'flaws.'.count($blank->core()->flaws), $show);

        return $this->change($request, $blank, fn (array $flaws): array => [...$flaws, $flaw]);
    }

    public function destroy(TakeAway $request, Blank $blank, string $flaw): RedirectResponse
    {
        return $this->change($request, $blank, fn (array $flaws): array => array_values(
            array_filter($flaws, fn (Flaw $one): bool => $one->id !== $flaw),
        ));
    }

    /** @param  Closure(list<Flaw>): list<Flaw>  $changed */
    private function change(SaveFlaw|TakeAway $request, Blank $blank, Closure $changed): RedirectResponse
    {
        $flaws = array_map(fn (Flaw $flaw): array => $flaw->toArray(), $changed($blank->core()->flaws));
        try {
            $this->rack->change(
                $blank, $this->workshop($request), $blank->document->with(['flaws' => $flaws]),
                (int) $request->validated('version'), $blank->air_id,
            );
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => say('http.blank-flaw.blank-been-changed-since')]);
        }

        return back()->with('said', say('http.blank-flaw.saved'));
    }
}
