<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveFlaw;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\View\Show;
use Closure;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Part;
use Illuminate\Http\RedirectResponse;

/** What the wood of a part brings. */
class FlawController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveFlaw $request, Piece $piece): RedirectResponse
    {
        $id = Id::fresh('f');

        return $this->change(
            $request, $piece, fn (Part $part): Part => $this->laid($request, $part, $id),
            [Change::FlawPlaced, say('http.flaw.placed')],
        );
    }

    public function update(SaveFlaw $request, Piece $piece, string $flaw): RedirectResponse
    {
        return $this->change(
            $request, $piece,
            fn (Part $part): Part => $part->hasFlaw($flaw) ? $this->laid($request, $part, $flaw) : $part,
            [Change::FlawChanged, say('http.flaw.changed')],
        );
    }

    private function laid(SaveFlaw $request, Part $part, string $id): Part
    {
        return $part->withFlaw($request->flaw($id, 'features.'.$part->placeOfFlaw($id), $this->show));
    }

    public function destroy(TakeAway $request, Piece $piece, string $flaw): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (Part $part): Part => $part->withoutFlaw($flaw),
            [Change::FlawRemoved, say('http.flaw.removed-undo-brings-back')],
        );
    }

    /**
     * @param  Closure(Part): Part  $change
     * @param  array{Change, string}  $words
     */
    private function change(SaveFlaw|TakeAway $request, Piece $piece, Closure $change, array $words): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(), $change,
        ), $words);
    }
}
