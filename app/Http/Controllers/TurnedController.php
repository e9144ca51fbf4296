<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\DownloadName;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Drawing\RoundMesh;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A part in the round: the page that turns it, and the numbers that it is drawn from. */
class TurnedController extends Controller
{
    public function show(Request $request, Piece $piece, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->part($request, $core);

        return view('pieces.turned', [
            'page' => PiecePage::of($piece, $show, $core, $part), 'part' => $part,
            'name' => basename(DownloadName::of(
                [$piece->name, ...$core->hasParts() ? [$part->name] : [], 'turned'], 'gltf',
            ), '.gltf'),
            'still' => Elevation::of($part, $core->name, 'still')->withLengths($show->length(...))->detailed(),
        ]);
    }

    public function mesh(Request $request, Piece $piece, ShopMapper $mapper): JsonResponse
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return response()->json(RoundMesh::of($this->part($request, $core))->toArray());
    }
}
