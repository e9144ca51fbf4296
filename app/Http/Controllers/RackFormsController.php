<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Blank;
use App\Planning\PieceFromBlank;
use App\View\FormsPage;
use App\View\Show;
use Illuminate\Contracts\View\View;

/** What could be made of a blank, form beside form. */
class RackFormsController extends Controller
{
    public function index(Blank $blank, PieceFromBlank $blanks, Show $show): View
    {
        return view('rack.forms', ['page' => new FormsPage($blank, $blanks->forms($blank)->all(), $show)]);
    }
}
