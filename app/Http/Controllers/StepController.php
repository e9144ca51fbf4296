<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\AnswersPress;
use App\Http\Requests\AtStep;
use App\Http\Requests\HeedCaution;
use App\Http\Requests\LogDone;
use App\Http\Requests\LogLook;
use App\Http\Requests\LogSkip;
use App\Http\Requests\LogWords;
use App\Models\EntryKind;
use App\Models\Kept\Measured;
use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Pictures\Photos;
use App\Planning\Logbook;
use App\Planning\OneCup;
use App\Planning\OutOfTime;
use App\Planning\Press;
use App\Planning\Refused;
use App\View\Moved;
use App\View\Show;
use Carbon\CarbonInterface;
use HonestGrain\Mending\Sought;
use HonestGrain\Reading\Copy;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** What the maker says happened at the bench. */
class StepController extends Controller
{
    public function __construct(
        private readonly Logbook $logbook,
        private readonly Photos $photos,
        private readonly Show $show,
    ) {
    }

    public function done(LogDone $request, PlannedStep $step): RedirectResponse
    {
        $before = $step->piece->ready_at;
        $others = $this->others($request, $step);
        $cup = OneCup::of([$step, ...$others], $request->used());
        $measured = Copy::with($this->measured($request, $step), [
            'amountUsed' => $others === [] ? $request->used() : $cup->share($step),
        ]);
        $entry = null;
        $written = false;
        try {
            [$entry, $written] = $this->logbook->done(
                step: $step, user: $this->user($request), at: $request->at(), minutes: $request->minutes(),
                press: $request->press(), measured: $measured,
            );
        } catch (OutOfTime $e) {
            throw ValidationException::withMessages(['at' => $this->outOfTime($e)]);
        } finally {
            // A photograph that no entry names is kept for nobody.
            $written || $this->photos->forget($step->workshop_id, (string) $measured->photo);
        }
        $also = $this->also($request, $others, $cup);
        if (! $written) {
            return $this->wasThere($entry, $request->press(), $also);
        }
        $early = $entry->facts->planned->earlyHours;
        $late = $entry->facts->planned->lateHours;
        $later = $entry->facts->planned->laterHours ?? 0.0;

        $then = match (true) {
            $early !== null => say('http.step.logged-before-wait-over', ['early' => $early]).(
                $later > 0 ? say('http.step.next-wait-longer', ['later' => $later]) : ''
            ),
            $late !== null => say('http.step.window-had-closed-before', ['late' => $late]),
            default => say('http.step.plan-moved'),
        };

        return back()->with([
            'said' => say('http.step.logged', ['entry' => $this->quoted($entry), 'then' => $then]).$also,
            'undo' => $entry->id,
            'moved' => Moved::told($step->piece->name, $before, $step->piece->refresh()->ready_at),
        ]);
    }

    /** @return list<PlannedStep> the other steps that are done with it, each by itself: each is a press of its own */
    private function others(LogDone $request, PlannedStep $step): array
    {
        $workshop = $step->piece->workshop;
        $others = array_map(
            fn (int $id): ?PlannedStep => $id === $step->id ? null : $workshop->plannedSteps()->find($id),
            array_keys($request->also()),
        );
        foreach (array_filter($others) as $other) {
            $other->piece->setRelation('workshop', $workshop);
        }

        return array_values(array_filter($others));
    }

    /**
     * The same on other pieces, each with its part of the cup. What cannot be logged there is told, and stops no other.
     *
     * @param  list<PlannedStep>  $others
     */
    private function also(LogDone $request, array $others, OneCup $cup): string
    {
        [$on, $not] = [[], ''];
        foreach ($others as $other) {
            try {
                $this->logbook->done(
                    step: $other, user: $this->user($request), at: $request->at(),
                    press: $request->press()->also($other->id, $request->also()[$other->id]),
                    measured: new Measured(amountUsed: $cup->share($other)),
                );
                $on[] = $other->piece->name;
            } catch (Refused|OutOfTime $e) {
                $why = $e instanceof Refused ? $this->show->said($e->why) : $this->outOfTime($e);
                $not .= ' '.say('http.step.not-on', ['piece' => $other->piece->name, 'why' => $why]);
            }
        }

        return ($on === [] ? '' : ' '.say('http.step.also-on', ['pieces' => $on])).$not;
    }

    private function quoted(LogEntry|PlannedStep $what): string
    {
        return '“'.$this->show->said($what->title).'”';
    }

    private function outOfTime(OutOfTime $e): string
    {
        $words = fn (CarbonInterface $at): string => $this->show->day($at).' '.$this->show->time($at);

        return say('http.step.done', [
            'at' => $words($e->at),
            'why' => $e->earliest === null
            ? say('http.step.which-still-come-takes')
            : say('http.step.before-step-follows-takes', ['from' => $words($e->earliest)]),
        ]);
    }

    private function measured(LogDone $request, PlannedStep $step): Measured
    {
        $photo = $request->file('photo');

        return Copy::with($request->measured($this->show), [
            'isNotDry' => $request->isSure() && $step->isTooWet(),
            'photo' => $photo instanceof UploadedFile ? $this->photos->keep($step->piece->workshop, $photo) : null,
        ]);
    }

    public function skip(LogSkip $request, PlannedStep $step): RedirectResponse
    {
        [$entry, $written] = $this->logbook->skip(
            $step, $this->user($request), $request->validated('reason'), $request->press(),
        );

        return $written
            ? back()->with('said', say('http.step.skipped', ['entry' => $this->quoted($entry)]))
                ->with('undo', $entry->id)
            : $this->wasThere($entry, $request->press());
    }

    /** The step was settled before: by this same press, sent again, or by another. */
    private function wasThere(LogEntry $entry, Press $press, string $also = ''): RedirectResponse
    {
        $said = back()->with('said', say('http.step.already-logged-nothing-added', [
            'entry' => $this->quoted($entry),
        ]).$also);
        if ($entry->press !== null && $entry->press === $press->once) {
            return $said;
        }

        return $said->with(AnswersPress::OTHERWISE, [
            'undo' => $entry->id, 'message' => say('http.step.otherwise.'.$entry->kind->value, [
                'who' => $entry->user->name ?? '', 'at' => $this->show->dayTime($entry->happened_at),
                'why' => $entry->body ?? '',
            ]),
        ]);
    }

    public function start(AtStep $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write($step, $this->user($request), EntryKind::Started, null, $request->press());

        return back()->with('said', say('http.step.clock-runs', ['step' => $this->quoted($step)]));
    }

    public function stop(AtStep $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write($step, $this->user($request), EntryKind::Stopped, null, $request->press());

        return back()->with('said', say('http.step.clock-stands', ['step' => $this->quoted($step)]));
    }

    /** What a look showed: written down, and on to what is to be done about it. */
    public function look(LogLook $request, PlannedStep $step): RedirectResponse
    {
        if (! in_array($request->look(), $step->details->looks, true)) {
            throw ValidationException::withMessages(['look' => say('http.step.no-such-look')]);
        }
        $photo = $request->file('photo');
        $kept = $photo instanceof UploadedFile ? $this->photos->keep($step->piece->workshop, $photo) : null;
        $entry = $this->logbook->write(
            step: $step, user: $this->user($request), kind: EntryKind::Looked, press: $request->press(),
            measured: new Measured(photo: $kept, look: $request->look(), saw: $request->saw()),
        );
        $entry->wasRecentlyCreated || $this->photos->forget($step->workshop_id, $kept);
        $leadsTo = Sought::by($request->look(), $request->saw());
        $said = say('http.step.looked', ['saw' => $this->show->said($request->look()->says($request->saw()))]);

        return $leadsTo === null ? back()->with('said', $said)
            : redirect()->route('steps.wrong', [$step, 'kind' => $leadsTo->value])->with('said', $said);
    }

    public function note(LogWords $request, PlannedStep $step): RedirectResponse
    {
        $this->logbook->write(
            $step, $this->user($request), EntryKind::Note, $request->validated('body'), $request->press(),
        );

        return back()->with('said', say('http.step.noted'));
    }

    public function undo(Request $request, LogEntry $entry): RedirectResponse
    {
        $undone = $this->logbook->undo($entry, $this->user($request));

        return back()->with('said', $undone
            ? say('http.step.taken-back-entry-stays', ['entry' => $this->quoted($entry)])
            : say('http.step.had-been-taken-back'));
    }

    /** One deliberate press for what burns, once per session of work. */
    public function caution(HeedCaution $request): RedirectResponse
    {
        $request->session()->put('cautioned.'.$request->validated('hazard'), true);

        return back();
    }
}
