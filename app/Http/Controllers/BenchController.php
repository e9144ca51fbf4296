<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PlannedStep;
use App\Models\Worker;
use App\Planning\ColdAirs;
use App\Planning\Planner;
use App\Planning\Scuffs;
use App\View\BenchBoard;
use App\View\Clocks;
use App\View\LookPanel;
use App\View\NextSteps;
use App\View\OpenCups;
use App\View\Show;
use App\View\Stamp;
use App\View\TinAges;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

class BenchController extends Controller
{
    /** So many of the next pieces can be pressed on without a network. */
    private const NEXT_KEPT = 3;

    public function show(
        Request $request,
        Planner $planner,
        Catalogue $catalogue,
        ColdAirs $cold,
        Scuffs $scuffs,
        Show $show,
    ): View {
        $workshop = $this->workshop($request);
        $planner->planIfStale($workshop);
        $next = NextSteps::of($workshop);
        $scuffed = $scuffs->putIn($workshop, $next->steps);
        if ($scuffed !== []) {
            $next = NextSteps::of($workshop);
        }

        $workers = $workshop->workers->reject(fn (Worker $worker): bool => $worker->isGone($workshop));
        $ahead = max(0, $request->integer('ahead'));
        $board = BenchBoard::of($workshop, $next, $this->whose($request, $workers), $ahead);

        $wipes = $next->whole($next->by($board->worker)->wipes());

        return view('bench', [
            'oldTins' => $board->now?->product === null ? []
                : TinAges::of($catalogue->coatings(), $catalogue->calibration()->shelf, $show)
                    ->doubtful($workshop, $board->now->product),
            'board' => $board, 'workers' => $workers, 'byGrit' => $board->gritByGrit($catalogue->abrasives()),
            'clocks' => Clocks::of($workshop, $show, $wipes, $board->now)->all,
            'scuffed' => $scuffed, 'colder' => $cold->of($workshop, $next->steps),
            'cups' => OpenCups::of($workshop, $next, $show),
            'looks' => $board->now === null ? [] : LookPanel::of($board->now),
            'next' => route('bench', array_filter([
                'hands' => $request->query('hands'), 'ahead' => $ahead + 1,
            ])),
            'stamp' => Stamp::of($workshop), 'keep' => $this->kept($board, $request->query('hands')),
            'pieces' => $board->named($next),
        ]);
    }

    /** @return list<string> pages that a device keeps for when the network is gone */
    private function kept(BenchBoard $board, mixed $hands): array
    {
        $nexts = range(1, max(1, min(self::NEXT_KEPT, $board->readyCount - 1)));
        $steps = collect([$board->now])->filter()->concat($board->ready)->concat($board->waiting)->unique('piece_id');

        return [
            route('bench', absolute: false), route('rack.weigh', absolute: false),
            route('climate', absolute: false),
            ...array_map(fn (int $ahead): string => route(
                'bench', array_filter(['hands' => $hands, 'ahead' => $ahead]), absolute: false,
            ), $nexts),
            ...array_values($steps->map(
                fn (PlannedStep $step): string => route('pieces.route', $step->piece_id, absolute: false),
            )->all()),
            ...array_values(collect([$board->now])->filter()->concat($board->ready)->map(
                fn (PlannedStep $step): string => route('steps.wrong', $step, absolute: false),
            )->all()),
        ];
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
            ?? $this->workshop($request)->workerOf($this->user($request));
    }
}
