<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\PiecePage;
use App\View\Show;
use App\View\StickPage;
use Illuminate\Contracts\View\View;

/** The story stick of a piece, to print at true size and carry to the lathe. */
class StickController extends Controller
{
    public function show(Piece $piece, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.stick', [
            'page' => PiecePage::of($piece, $show, $core, $core->body()),
            'stick' => new StickPage($core, $mapper->tables($piece->workshop)->calibration, $show),
        ]);
    }
}
