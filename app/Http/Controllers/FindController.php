<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Finder;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** One search over everything that a workshop has. */
class FindController extends Controller
{
    private const LONGEST = 120;

    public function show(Request $request, Catalogue $catalogue, Show $show): View
    {
        $sought = mb_substr(trim($request->string('q')->toString()), 0, self::LONGEST);

        return view('find', [
            'sought' => $sought,
            'found' => (new Finder($this->workshop($request), $catalogue, $show, $sought))->found(),
        ]);
    }
}
