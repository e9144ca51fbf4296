<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ClearWall;
use App\Http\Requests\DeepenInside;
use App\Http\Requests\PieceChange;
use App\Http\Requests\SaveWall;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\View\Show;
use Closure;
use HonestGrain\Piece\Part;
use Illuminate\Http\RedirectResponse;

/** The wall of a part as callipers find it, and its inside cut deeper where it stands thick. */
class WallController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveWall $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (Part $part): Part => $part->withWallReading($request->reading($this->show)),
            [Change::WallMeasured, say('http.wall.noted')],
        );
    }

    /** One reading, or all of them. */
    public function destroy(ClearWall $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece, fn (Part $part): Part => $part->withoutWallReading($request->heightMm()),
            [Change::WallCleared, say('http.wall.cleared')],
        );
    }

    public function deepen(DeepenInside $request, Piece $piece): RedirectResponse
    {
        return $this->change(
            $request, $piece,
            fn (Part $part): Part => $part->shaped($request->deepened($part->profile, $this->show)),
            [Change::InsideDeepened, say('http.wall.deepened')],
        );
    }

    /**
     * @param  Closure(Part): Part  $change
     * @param  array{Change, string}  $words
     */
    private function change(PieceChange $request, Piece $piece, Closure $change, array $words): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(), $change,
        ), $words);
    }
}
