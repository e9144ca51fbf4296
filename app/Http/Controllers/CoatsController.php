<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeCoats;
use App\Http\Requests\DryIn;
use App\Models\Air;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Airs;
use App\Planning\CoatChange;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\ShopMapper;
use App\View\CoatsPanel;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

class CoatsController extends Controller
{
    public function show(
        Request $request,
        Piece $piece,
        ShopMapper $mapper,
        Catalogue $catalogue,
        Airs $airs,
        Show $show,
    ): View {
        $core = $mapper->piece($piece->workshop, $piece->document, $piece);
        $part = $this->part($request, $core);
        $tables = $mapper->tables($piece->workshop);

        return view('pieces.coats', [
            'page' => PiecePage::of($piece, $show, $core, $part), 'part' => $part,
            'plans' => CoatsPanel::all($part, $mapper->clock($piece->workshop), $tables, $show),
            'faces' => CoatsPanel::faces($part), 'stacks' => $catalogue->stacks(),
            'airs' => $piece->workshop->airs->contains(fn (Air $air): bool => $air->kind !== Air::SHOP)
                ? $piece->workshop->airs->pluck('name', 'id')->all() : [],
            'usual' => $airs->forCoats($piece->workshop)->name ?? 'shop',
            'products' => array_keys($tables->coatings->coatings()),
        ]);
    }

    /** Where its coats dry. */
    public function air(DryIn $request, Piece $piece, Planner $planner): RedirectResponse
    {
        $air = $request->air();
        $planner->apply(
            $piece->workshop, fn (): bool => $piece->update(['air_id' => $air?->id]), $piece,
        );

        return back()->with('said', $air === null ? say('http.coats.coats-dry-where-others')
            : say('http.coats.coats-dry-every-wait', ['air' => $air->name]));
    }

    /**
     * One press changes one thing: take a stack, add, move or leave out a coat, rub between, buff, split off a zone,
     * put the same on another part.
     */
    public function update(
        ChangeCoats $request,
        Piece $piece,
        PieceEditor $editor,
        Catalogue $catalogue,
    ): RedirectResponse {
        $change = new CoatChange($request->validated(), $catalogue->stacks());
        if ($request->validated('do') === 'when' && $piece->isCoated($request->part())) {
            throw ValidationException::withMessages(['when' => say('http.coats.coated-already')]);
        }

        $part = $request->part();

        return $this->changing($request, $piece, fn (Edit $edit) => $request->validated('do') === 'copy'
            ? $editor->change($piece, $edit, fn (CorePiece $core, Tables $tables): CorePiece => $change->copied(
                $core, $core->partOrBody($part), $tables,
            ))
            : $editor->changePart($piece, $edit, $part, $change->make(...)),
            [Change::Coats, say('http.coats.coats-saved')]);
    }
}
