<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveUnit;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Technique\Setting;
use HonestGrain\Technique\Settings;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The unit that a pen-burnt pattern repeats, drawn by the maker. */
class UnitController extends Controller
{
    public function __construct(private readonly PieceEditor $editor)
    {
    }

    public function edit(Piece $piece, string $mark, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->partOf($core, $mark);

        return view('pieces.unit', [
            'page' => PiecePage::of($piece, $show, $core, $part), 'mark' => $part->mark($mark),
            'strokes' => $this->strokes($part->settled()[$mark]),
        ]);
    }

    public function update(SaveUnit $request, Piece $piece, string $mark, ShopMapper $mapper): RedirectResponse
    {
        $part = $this->partOf($mapper->piece($piece->workshop, $piece->document), $mark);
        $own = $request->repeat();

        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->changePart(
            $piece, $edit, $part->id,
            fn (Part $part): Part => $part->withMark($part->mark($mark)->repeating($own)),
        ), [Change::UnitDrawn, say('http.unit.unit-kept')]);
    }

    private function partOf(CorePiece $core, string $mark): Part
    {
        foreach ($core->parts as $part) {
            if ($part->hasMark($mark) && $part->mark($mark)->technique->key() === 'pen-pattern') {
                return $part;
            }
        }

        abort(404);
    }

    /** @return list<list<array{float, float}>> the maker's own, or one of ours to begin from */
    private function strokes(Settings $settled): array
    {
        return $settled->own->strokes ?? DrawnRepeat::tryFrom($settled->choice(Setting::Unit))?->strokes() ?? [];
    }
}
