<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\Shortage;
use App\Http\Requests\SaveSurface;
use App\Models\Change;
use App\Models\Piece;
use App\Models\StockSort;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\Planning\Shopping;
use App\View\Drawings;
use App\View\MountLadder;
use App\View\PiecePage;
use App\View\SandingPanel;
use App\View\ShortageWords;
use App\View\Show;
use HonestGrain\Drawing\GrainFigure;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class SurfaceController extends Controller
{
    public function show(Request $request, Piece $piece, ShopMapper $mapper, Shopping $shopping, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->part($request, $core);
        $bench = $mapper->bench($piece->workshop)->inSchool($core->school);
        $page = PiecePage::of($piece, $show, $core, $part);
        $grain = new GrainFigure($part->profile, $part->grain, $part->wood->nature->rgb);
        $drawings = Drawings::of($piece, $mapper->key($piece->workshop, $piece), $show);
        $panels = SandingPanel::all(
            $part, $bench, $part->measure($bench->calibration->shape, $bench->minWallMm), $page->sandedTogether(),
            $piece->workshop->discPrices(), $show,
        );

        return view('pieces.surface', [
            'page' => $page, 'panels' => $panels, 'ladders' => MountLadder::all($panels, $show),
            'short' => ShortageWords::all(array_values(array_filter(
                $shopping->shortages($piece->workshop), fn (Shortage $one): bool => $one->sort === StockSort::Discs,
            )), $show),
            'left' => SandingPanel::left($part), 'priced' => Face::tryFrom((string) $request->string('ways')),
            'elevation' => $drawings->kept("grain-$part->id", $grain->elevation(...)),
            'plan' => $drawings->kept("grain-plan-$part->id", $grain->plan(...)),
        ]);
    }

    public function update(SaveSurface $request, Piece $piece, PieceEditor $editor, Show $show): RedirectResponse
    {
        return $this->changing($request, $piece, fn (Edit $edit) => $editor->changePart(
            $piece, $edit, $request->part(), fn (Part $part, Tables $tables): Part => $part->withSurface(
                $request->surface($part->surface, $tables->abrasives, $show),
            ),
        ), [Change::Sanding, say('http.surface.sanding-saved')]);
    }
}
