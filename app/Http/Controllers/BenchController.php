<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Worker;
use App\Planning\Planner;
use App\View\BenchBoard;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

class BenchController extends Controller
{
    public function show(Request $request, Planner $planner, Catalogue $catalogue): View
    {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);

        $workers = $workshop->workers->reject(fn (Worker $worker): bool => $worker->isGone($workshop));
        $board = BenchBoard::of($workshop, $this->whose($request, $workers));

        return view('bench', [
            'board' => $board, 'workers' => $workers, 'byGrit' => $board->gritByGrit($catalogue->abrasives()),
        ]);
    }

    /**
     * Whose bench is asked for: one's own, where one works here beside others.
     *
     * @param  Collection<int, Worker>  $workers
     */
    private function whose(Request $request, Collection $workers): ?Worker
    {
        if ($workers->count() < 2 || $request->query('hands') === 'all') {
            return null;
        }

        return $workers->firstWhere('id', $request->integer('hands'))
            ?? $workers->firstWhere('user_id', $this->user($request)->id);
    }
}
