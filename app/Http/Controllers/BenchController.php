<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\View\BenchBoard;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class BenchController extends Controller
{
    public function show(Request $request, Planner $planner, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);

        $board = BenchBoard::of($workshop);

        return view('bench', ['board' => $board, 'byGrit' => $board->gritByGrit($catalogue->abrasives())]);
    }
}
