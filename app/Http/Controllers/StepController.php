<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Planning\Logbook;
use HonestGrain\Safety\Hazard;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** What the maker says happened at the bench. */
class StepController extends Controller
{
    /** No step was done before this. */
    private const EARLIEST = '2000-01-01';

    public function __construct(private readonly Logbook $logbook)
    {
    }

    public function done(Request $request, PlannedStep $step): RedirectResponse
    {
        $typed = $request->validate([
            'at' => ['nullable', 'date_format:Y-m-d\TH:i', 'after:'.self::EARLIEST],
            'minutes' => ['nullable', 'numeric', 'min:0', 'max:2400'],
            'read' => ['nullable', 'string', 'max:20'],
        ]);
        $at = isset($typed['at']) ? Carbon::createFromFormat('Y-m-d\TH:i', $typed['at'], $this->user($request)->timeZone())?->utc() : null;
        $before = $step->piece->ready_at;
        [$entry, $written] = $this->logbook->done(
            $step, $this->user($request), $at, isset($typed['minutes']) ? (float) $typed['minutes'] : null,
            $typed['read'] ?? null,
        );
        if (! $written) {
            return back()->with('said', "“{$entry->title}” was already logged; nothing was added.");
        }
        $early = $entry->facts['early_hours'] ?? null;
        $late = $entry->facts['late_hours'] ?? null;

        return back()->with('said', "Done: “{$entry->title}”.".match (true) {
            $early !== null => " Logged $early h before its wait was over.",
            $late !== null => " Its window had closed $late h before: scuff the coat below next time.",
            default => ' The plan has moved.',
        }.$this->moved($before, $step->piece->refresh()->ready_at, $step->piece->name))->with('undo', $entry->id);
    }

    public function skip(Request $request, PlannedStep $step): RedirectResponse
    {
        $reason = $request->validate(['reason' => ['required', 'string', 'max:500']])['reason'];
        [$entry, $written] = $this->logbook->skip($step, $this->user($request), $reason, $this->form($request)['read']);

        return back()->with('said', $written ? "Skipped: “{$entry->title}”." : "“{$entry->title}” was already logged; nothing was added.")->with('undo', $entry->id);
    }

    public function start(Request $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write($step, $this->user($request), 'start', null, $this->form($request));

        return back()->with('said', "The clock runs on “{$step->title}”.");
    }

    public function note(Request $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write($step, $this->user($request), 'note', $this->body($request), $this->form($request));

        return back()->with('said', 'Noted.');
    }

    public function wrong(Request $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write($step, $this->user($request), 'wrong', $this->body($request), $this->form($request));

        return redirect()->route('pieces.record', $step->piece_id)->with('said', 'Written down with the time and the shop\'s air. Nothing was ticked off: mend it, then go on, or skip the step with a reason.');
    }

    public function undo(Request $request, LogEntry $entry): RedirectResponse
    {
        $undone = $this->logbook->undo($entry, $this->user($request));

        return back()->with('said', $undone ? "Taken back: “{$entry->title}”. The entry stays in the log, struck out." : 'That had been taken back already.');
    }

    /** One deliberate press for what burns, once per session of work. */
    public function caution(Request $request): RedirectResponse
    {
        $hazard = $request->validate(['hazard' => ['required', Rule::enum(Hazard::class)]])['hazard'];
        $request->session()->put("cautioned.$hazard", true);

        return back();
    }

    private function body(Request $request): string
    {
        return $request->validate(['body' => ['required', 'string', 'max:1000']])['body'];
    }

    /** @return array{read: string|null, once: string|null} */
    private function form(Request $request): array
    {
        return [
            'read' => $request->validate(['read' => ['nullable', 'string', 'max:20']])['read'] ?? null,
            'once' => $this->once($request),
        ];
    }
}
