<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveStock;
use App\Http\Requests\TakeAway;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\View\Show;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\PieceStock;
use Illuminate\Http\RedirectResponse;

/** The blanks that a piece is cut from. */
class StockController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveStock $request, Piece $piece): RedirectResponse
    {
        $id = Id::fresh('s');

        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->change(
            $piece, $edit, fn (CorePiece $core): CorePiece => $core->outOf(
                ...$core->stock, ...[$request->stock($id, 'stock.'.count($core->stock), $this->show)],
            ),
        ), [Change::StockEntered, say('http.stock.entered')]);
    }

    public function destroy(TakeAway $request, Piece $piece, string $stock): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->change(
            $piece, $edit, fn (CorePiece $core): CorePiece => $core->outOf(...array_values(array_filter(
                $core->stock, fn (PieceStock $one): bool => $one->id !== $stock,
            ))),
        ), [Change::StockRemoved, say('http.stock.taken-back')]);
    }
}
