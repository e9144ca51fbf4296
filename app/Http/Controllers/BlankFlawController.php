<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveFlaw;
use App\Http\Requests\TakeAway;
use App\Models\Blank;
use App\Planning\FreshId;
use App\Planning\Rack;
use App\Planning\VersionConflict;
use App\View\Show;
use Closure;
use Illuminate\Http\RedirectResponse;

/** What the wood of a blank brings; a piece that is made of it takes it over. */
class BlankFlawController extends Controller
{
    public function __construct(private readonly Rack $rack)
    {
    }

    public function store(SaveFlaw $request, Blank $blank, Show $show): RedirectResponse
    {
        $flaw = ['id' => FreshId::of('f')] + $request->flaw($show);

        return $this->change($request, $blank, fn (array $flaws): array => [...$flaws, $flaw]);
    }

    public function destroy(TakeAway $request, Blank $blank, string $flaw): RedirectResponse
    {
        return $this->change($request, $blank, fn (array $flaws): array => array_values(
            array_filter($flaws, fn (array $one): bool => $one['id'] !== $flaw),
        ));
    }

    /** @param  Closure(list<array<string, mixed>>): list<array<string, mixed>>  $changed */
    private function change(SaveFlaw|TakeAway $request, Blank $blank, Closure $changed): RedirectResponse
    {
        try {
            $this->rack->change(
                $blank, $this->workshop($request), ['flaws' => $changed($blank->document['flaws'] ?? [])]
                    + $blank->document, (int) $request->validated('version'), $blank->air_id,
            );
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => 'This blank has been changed since you opened the '
                .'page. Nothing was saved; the page now shows the blank as it is.']);
        }

        return back()->with('said', 'Saved.');
    }
}
