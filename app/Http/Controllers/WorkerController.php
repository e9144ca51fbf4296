<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveWorker;
use App\Models\Worker;
use App\Planning\Planner;
use App\View\WorkersPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Whose hands there are in a shop, when, and what for. */
class WorkerController extends Controller
{
    public function index(Request $request): View
    {
        return view('shop.people', ['page' => new WorkersPage($this->workshop($request))]);
    }

    public function store(SaveWorker $request, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $typed = $request->worker();
        $user = $this->user($request);
        $planner->apply($workshop, function () use ($workshop, $typed, $user): void {
            if ($workshop->workers()->doesntExist() && $typed['user_id'] !== $user->id) {
                // Until then whoever runs the shop was its one pair of hands, and stays one.
                $workshop->workers()->create(['name' => $user->name, 'user_id' => $user->id]);
            }
            $workshop->workers()->create($typed);
        });

        return back()->with('said', say('http.worker.added', ['name' => $typed['name']]));
    }

    public function update(SaveWorker $request, Worker $worker, Planner $planner): RedirectResponse
    {
        $typed = $request->worker();
        $planner->apply($this->workshop($request), fn (): bool => $worker->update($typed));

        return back()->with('said', say('http.worker.saved', ['name' => $worker->name]));
    }

    public function destroy(Request $request, Worker $worker, Planner $planner): RedirectResponse
    {
        $planner->apply($this->workshop($request), fn (): ?bool => $worker->delete());

        return back()->with('said', say('http.worker.gone', ['name' => $worker->name]));
    }
}
