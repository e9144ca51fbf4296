<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\View\BenchBoard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

class BenchController extends Controller
{
    public function show(Request $request, Planner $planner): View
    {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);

        return view('bench', ['board' => BenchBoard::of($workshop)]);
    }
}
