<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PressedAt;
use App\Http\Requests\StartTimer;
use App\Models\Timer;
use App\View\Clocks;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Clocks that are set at the bench. */
class TimerController extends Controller
{
    public function store(StartTimer $request): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $typed = $request->validated();
        $minutes = $typed['for_minutes'] ?? null;
        $timer = [
            'user_id' => $this->user($request)->id, 'piece_id' => $typed['at_piece'] ?? null,
            'kind' => $request->kind(), 'name' => $typed['called'] ?? null, 'started_at' => PressedAt::of($request),
            'rings_at' => $minutes === null ? null
                : PressedAt::of($request)->addSeconds((int) round(60 * (float) $minutes)),
        ];
        $once = $typed['once'] ?? null;
        $timer = $once === null ? $workshop->timers()->create($timer)
            : $workshop->timers()->createOrFirst(['once_key' => "timer:$workshop->id:$once"], $timer);

        return back()->with('said', say('http.timer.runs', ['timer' => Clocks::called($timer)]));
    }

    /** So many minutes more, or on again as it was. */
    public function update(Request $request, Timer $timer): RedirectResponse
    {
        $typed = $request->validate([
            'more_minutes' => ['nullable', 'numeric', 'min:0.1', 'max:'.Timer::LONGEST_MINUTES],
        ]);
        if (isset($typed['more_minutes'])) {
            $timer->addMinutes((float) $typed['more_minutes']);
        } else {
            $timer->update(['stopped_at' => null]);
        }

        return back()->with('said', say('http.timer.runs', ['timer' => Clocks::called($timer)]));
    }

    public function destroy(Request $request, Timer $timer): RedirectResponse
    {
        $timer->stopped_at === null && $timer->update(['stopped_at' => now()]);

        return back()->with('said', say('http.timer.stopped', ['timer' => Clocks::called($timer)]));
    }
}
