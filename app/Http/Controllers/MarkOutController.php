<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\MarkOut;
use App\View\PiecePage;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The mark-out list of a piece, to read at the lathe and to print. */
class MarkOutController extends Controller
{
    public function show(Request $request, Piece $piece, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.mark-out', [
            'page' => PiecePage::of($piece, $show, $core, $core->body()), 'out' => new MarkOut($core, $show),
        ]);
    }
}
