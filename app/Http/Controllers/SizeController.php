<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Show;
use App\View\SizeTable;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Any grade, pad, wool, paste or compound as a size, and what is nearest to it on each scale. */
class SizeController extends Controller
{
    public function show(Request $request, Catalogue $catalogue, Show $show): View
    {
        return view('sizes', ['table' => new SizeTable(
            $catalogue->abrasives(), $this->workshop($request)->grits(),
            trim($request->string('of')->toString()), $show,
        )]);
    }
}
