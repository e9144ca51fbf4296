<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveHole;
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

/** Holes of a part besides its bore. */
class HoleController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveHole $request, Piece $piece): RedirectResponse
    {
        $id = Id::fresh('h');

        return $this->change(
            $request, $piece, fn (Part $part): Part => $this->laid($request, $part, $id),
            [Change::HolePlaced, say('http.hole.placed')],
        );
    }

    public function update(SaveHole $request, Piece $piece, string $hole): RedirectResponse
    {
        return $this->change(
            $request, $piece,
            fn (Part $part): Part => $part->hasHole($hole) ? $this->laid($request, $part, $hole) : $part,
            [Change::HoleChanged, say('http.hole.changed')],
        );
    }

    public function destroy(TakeAway $request, Piece $piece, string $hole): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (Part $part): Part => $part->withoutHole($hole),
            [Change::HoleRemoved, say('http.hole.removed-undo-brings-back')],
        );
    }

    private function laid(SaveHole $request, Part $part, string $id): Part
    {
        return $part->withHole($request->hole($id, 'holes.'.$part->placeOfHole($id), $this->show));
    }

    /**
     * @param  Closure(Part): Part  $change
     * @param  array{Change, string}  $words
     */
    private function change(SaveHole|TakeAway $request, Piece $piece, Closure $change, array $words): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(), $change,
        ), $words);
    }
}
