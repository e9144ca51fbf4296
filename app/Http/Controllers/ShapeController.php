<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\PiecePage;
use App\View\ShapePanel;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\Frame;
use HonestGrain\Reading\Document;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class ShapeController extends Controller
{
    public function __construct(private readonly ShopMapper $mapper)
    {
    }

    public function show(Request $request, Piece $piece, Show $show, Catalogue $catalogue): View
    {
        $core = $this->mapper->piece($piece->workshop, $piece->document);

        return view('pieces.shape', ['page' => PiecePage::of($piece), 'panel' => ShapePanel::of($piece, $core, $this->mapper->bench($piece->workshop), $show), 'core' => $core, 'woods' => $catalogue->woods()->names()]);
    }

    public function update(Request $request, Piece $piece, PieceEditor $editor): RedirectResponse
    {
        $shape = Document::decode($request->validate(['shape' => ['required', 'string', 'max:200000']])['shape']);

        return $this->changing($request, $piece, fn (int $seen) => $editor->change($piece, $seen, ['shape' => ['outer' => $shape->value('outer'), 'inner' => $shape->value('inner')]], 'shape', $this->user($request)), 'Shape saved.');
    }

    /** The drawing and its numbers for nodes that are being dragged; nothing is stored. */
    public function preview(Request $request, Piece $piece, Show $show): JsonResponse
    {
        $sent = Document::decode($request->getContent());
        $core = $this->mapper->piece($piece->workshop, ['shape' => $sent->value('shape')] + $piece->document);
        $frame = $sent->has('frame') ? Frame::of($sent->numbers('frame', -10_000, 10_000, 4)) : null;

        return response()->json(ShapePanel::of($piece, $core, $this->mapper->bench($piece->workshop), $show, $frame)->toArray());
    }
}
