<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveFitting;
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

/** What is bought and fitted to an end of a part. */
class FittingController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(SaveFitting $request, Piece $piece): RedirectResponse
    {
        return $this->saved($request, $piece, Id::fresh('fit'), Change::FittingPlaced);
    }

    public function update(SaveFitting $request, Piece $piece, string $fitting): RedirectResponse
    {
        return $this->saved($request, $piece, $fitting, Change::FittingChanged);
    }

    public function destroy(TakeAway $request, Piece $piece, string $fitting): RedirectResponse
    {
        return $this->change($request, $piece, fn (Part $part): Part => $part->withoutFitting($fitting), [
            Change::FittingRemoved, say('http.hole.removed-undo-brings-back'),
        ]);
    }

    private function saved(SaveFitting $request, Piece $piece, string $id, Change $change): RedirectResponse
    {
        $list = $piece->workshop->equipment()->fittings;

        return $this->change($request, $piece, fn (Part $part): Part => $change === Change::FittingPlaced
            || $part->hasFitting($id) ? $part->withFitting($request->fitting(
                $id, 'fittings.'.$part->placeOfFitting($id), $list, $this->show,
            )) : $part, [$change, say($change === Change::FittingPlaced ? 'http.hole.placed' : 'http.hole.changed')]);
    }

    /**
     * @param  Closure(Part): Part  $change
     * @param  array{Change, string}  $words
     */
    private function change(
        SaveFitting|TakeAway $request, Piece $piece, Closure $change, array $words,
    ): RedirectResponse {
        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $request->part(), $change,
        ), $words);
    }
}
