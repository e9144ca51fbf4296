<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RedrawShape;
use App\Http\Requests\SaveShape;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\Drawings;
use App\View\FittingWords;
use App\View\FlawWords;
use App\View\HoldChoices;
use App\View\HoleWords;
use App\View\PartsPanel;
use App\View\PiecePage;
use App\View\RimWords;
use App\View\ShapePanel;
use App\View\Show;
use App\View\StockPanel;
use App\View\WallWords;
use HonestGrain\Drawing\Frame;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
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

    public function show(Request $request, Piece $piece, Show $show): View
    {
        $tables = $this->mapper->tables($piece->workshop);
        $core = CorePiece::read($piece->document, $tables);
        $part = $this->part($request, $core);
        $bench = $this->mapper->bench($piece->workshop);

        return view('pieces.shape', [
            'page' => PiecePage::of($piece, $show, $core, $part), 'part' => $part, 'core' => $core,
            'panel' => ShapePanel::of(
                $piece, $core, $part, $bench, $show,
                drawings: Drawings::of($piece, $this->mapper->key($piece->workshop, $piece), $show),
            ),
            'holds' => HoldChoices::of($core, $part, $tables, $bench, $show),
            'rim' => new RimWords($part, $show),
            'walls' => new WallWords($part, $tables->calibration->shape, $show),
            'woods' => $tables->woods->names(), 'rates' => $tables->calibration->joints,
            'stock' => new StockPanel($core, $tables->calibration, $show),
            'parts' => new PartsPanel($core, $tables->calibration->joints, $show),
            'flaws' => new FlawWords($part->profile, $tables->calibration, $show),
            'holes' => new HoleWords($part->profile, $show),
            'fittings' => new FittingWords($piece->workshop->equipment()->fittings, $show),
        ]);
    }

    public function update(SaveShape $request, Piece $piece, PieceEditor $editor): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $editor->changePart(
            $piece, $edit, $request->part(),
            fn (Part $part): Part => $part->shaped($part->profile->redrawn($request->shape())),
        ), [Change::Shape, say('http.shape.shape-saved')]);
    }

    public function redraw(RedrawShape $request, Piece $piece, PieceEditor $editor, Show $show): RedirectResponse
    {
        $isInside = $request->way()->isInside();

        return $this->changing($request, $piece, fn (Edit $edit) => $editor->changePart(
            $piece, $edit, $request->part(),
            fn (Part $part): Part => $part->shaped($request->redrawn($part->profile, $show)),
        ), $isInside ? [Change::InsideRedrawn, say('http.shape.inside-redrawn')]
            : [Change::OutsideMirrored, say('http.shape.outside-mirrored')]);
    }

    /** The drawing and its numbers for nodes that are being dragged; nothing is stored. */
    public function preview(Request $request, Piece $piece, Show $show): JsonResponse
    {
        $sent = Document::decode($request->getContent());
        $core = $this->mapper->piece($piece->workshop, $piece->document);
        $was = $core->partOrBody($sent->textOr('part', null, 40));
        $part = $was->shaped($was->profile->redrawn($sent->child('shape')));
        $box = $sent->has('frame') ? $sent->numbers('frame', -10_000, 10_000, 4) : null;
        $frame = $box === null ? null : Frame::of([$box[0], $box[1], $box[2], $box[3]]);
        $bench = $this->mapper->bench($piece->workshop);

        return response()->json(
            ShapePanel::of($piece, $core->withPart($part), $part, $bench, $show, $frame)->toArray(),
        );
    }
}
