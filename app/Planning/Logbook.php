<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\EntryKind;
use App\Models\Kept\Abraded;
use App\Models\Kept\AirRead;
use App\Models\Kept\Facts;
use App\Models\Kept\Measured;
use App\Models\Kept\Planned;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use App\Models\StepClock;
use App\Models\User;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Said;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Carbon;

/** Writes down what happens at the bench, once each, and lets the plan follow. */
final readonly class Logbook
{
    public function __construct(
        private Planner $planner,
        private WoodAtBench $wood,
        private ShelfStock $shelf,
        private Learner $learner,
        private Airs $airs,
        private Catalogue $catalogue,
    ) {
    }

    /**
     * A step is done. A second press for the same step is the same entry.
     *
     * @param  CarbonInterface|null  $at  where the maker says another time than the press itself
     * @return array{LogEntry, bool} the entry, and whether this call wrote it
     */
    public function done(
        PlannedStep $step,
        User $user,
        ?CarbonInterface $at = null,
        ?float $minutes = null,
        Press $press = new Press,
        Measured $measured = new Measured,
    ): array {
        $at ??= $press->at();
        $this->sameAsRead($step, $press);
        $minutes ??= StepClock::of($step)->minutesAt($at);
        $early = $step->opens_at !== null && $at->lt($step->opens_at)
            ? round($at->diffInMinutes($step->opens_at) / 60, 1) : null;
        $found = $early === null ? null : $measured->found;
        $told = Copy::with($this->air($step, $at), [
            'planned' => new Planned(
                minutes: $step->minutes, product: $step->product, technique: $step->technique, part: $step->part,
                on: $step->details->on,
                earlyHours: $early, found: $found,
                laterHours: $found?->laterHours($early ?? 0.0, $this->catalogue->calibration()->coats)
                    ?? $this->carried($step),
                lateHours: $step->closes_at !== null && $at->gt($step->closes_at)
                    ? round($step->closes_at->diffInMinutes($at) / 60, 1) : null,
            ),
            'measured' => $measured,
            'abraded' => $step->details->abrading === null
                ? null : Abraded::of($step->details->abrading, $measured->discsUsed),
        ]);

        return $this->once(
            $step, $user, EntryKind::Done, $at,
            ['minutes' => $minutes === null ? null : min($minutes, 9999), 'facts' => $told, 'press' => $press->once],
            fn () => $this->allow($step, $at, $measured),
            fn (LogEntry $entry) => $this->follow($step, $entry, $at),
        );
    }

    /** What was rubbed or coated too early is had in the next wait that dries: behind the coat, or once it is wiped. */
    private function carried(PlannedStep $step): ?float
    {
        $from = match (StepKind::from($step->kind)) {
            StepKind::WipeOff => StepKind::Coat,
            StepKind::Coat => StepKind::Denib,
            default => null,
        };
        $before = $from === null ? [] : $step->piece->plannedSteps()->whereIn('step', $step->follows)
            ->where('kind', $from->value)->pluck('step')->all();

        return $before === [] ? null : History::of($step->piece)->laterHours(...$before);
    }

    /** The air that was read there about then; the shop's setting where nothing was read. */
    private function air(PlannedStep $step, CarbonInterface $at): Facts
    {
        $workshop = $step->piece->workshop;
        $read = $this->airs->readAbout($workshop, $step->details->air, $at);

        return $read === null ? new Facts(climate: $workshop->climate) : new Facts(
            air: new AirRead($read->tempC, $read->rhPercent, gmdate('Y-m-d\TH:i:s\Z', $read->at)),
        );
    }

    /** What a step that is done brings with it: the wood on the rack, and what is learnt of it. */
    private function follow(PlannedStep $step, LogEntry $entry, CarbonInterface $at): void
    {
        $workshop = $step->piece->workshop;
        $this->wood->done($step, $at);
        $this->relearn($workshop, $entry);
    }

    private function relearn(Workshop $workshop, LogEntry $entry): void
    {
        if ($entry->facts->abraded !== null) {
            $this->learner->derive($workshop);
        }
    }

    /** @return array{LogEntry, bool} */
    public function skip(PlannedStep $step, User $user, string $reason, Press $press = new Press): array
    {
        $this->sameAsRead($step, $press);

        return $this->once(
            $step, $user, EntryKind::Skipped, $press->at(), ['body' => $reason, 'press' => $press->once],
        );
    }

    /**
     * A start of the clock, a note or a mishap at a step.
     *
     * @param  Said|null  $title  what it says, where not the step's own title
     */
    public function write(
        PlannedStep $step,
        User $user,
        EntryKind $kind,
        ?string $body = null,
        Press $press = new Press,
        ?Said $title = null,
        Measured $measured = new Measured,
    ): LogEntry {
        $this->sameAsRead($step, $press);

        return $this->jot($step->piece->workshop, [
            'piece_id' => $step->piece_id, 'user_id' => $user->id, 'kind' => $kind, 'step' => $step->step,
            'title' => $title ?? $step->title,
            'happened_at' => $press->at(), 'body' => $body,
            'facts' => Copy::with($this->air($step, $press->at()), ['measured' => $measured]),
        ], $press->once);
    }

    /**
     * An entry that moves nothing, written once however often its form is sent.
     *
     * @param  array<string, mixed>  $entry
     * @param  string|null  $once  key of the form
     */
    public function jot(Workshop $workshop, array $entry, ?string $once): LogEntry
    {
        return $once === null
            ? $workshop->logEntries()->create($entry)
            : $workshop->logEntries()->createOrFirst(['once_key' => "note:$workshop->id:$once"], $entry);
    }

    /** Takes a done or skipped step back by a further entry, if nothing after it depends on it. */
    public function undo(LogEntry $entry, User $user): bool
    {
        if (! $entry->kind->settles() || $entry->piece === null) {
            return false;
        }
        $piece = $entry->piece;
        $workshop = $piece->workshop;

        return $this->planner->apply($workshop, function () use ($entry, $user, $piece, $workshop): bool {
            $this->refuseIfBuiltUpon($entry, $piece);
            try {
                $workshop->logEntries()->create([
                    'piece_id' => $piece->id, 'user_id' => $user->id, 'kind' => EntryKind::Undone,
                    'step' => $entry->step,
                    'title' => $entry->title, 'happened_at' => now(), 'undoes_id' => $entry->id,
                ]);
            } catch (UniqueConstraintViolationException) {
                return false;
            }
            $this->wood->undone($piece, (string) $entry->step);
            $this->shelf->putBack($workshop, $entry);
            $this->relearn($workshop, $entry);
            if ($piece->state === PieceState::Done) {
                $piece->update(['state' => PieceState::Working]);
            }

            return true;
        }, $piece);
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  (Closure(): void)|null  $allow  refuses, by an exception, what may not be logged now
     * @param  (Closure(LogEntry): void)|null  $then  what it brings with it
     * @return array{LogEntry, bool}
     */
    private function once(
        PlannedStep $step,
        User $user,
        EntryKind $kind,
        CarbonInterface $at,
        array $more,
        ?Closure $allow = null,
        ?Closure $then = null,
    ): array {
        $workshop = $step->piece->workshop;

        return $this->planner->apply($workshop, function () use (
            $step, $user, $kind, $at, $more, $workshop, $allow, $then,
        ): array {
            $undone = $workshop->logEntries()->where(['piece_id' => $step->piece_id, 'step' => $step->step])
                ->whereIn('kind', EntryKind::takingBack())->count();
            $key = "$step->piece_id:$step->step:$undone";
            $entry = LogEntry::query()->where('once_key', $key)->first();
            if ($entry !== null) {
                return [$entry, false];
            }
            // Asked with the lock held: the step before may just have been taken back elsewhere.
            if ($allow !== null) {
                $allow();
            }
            $facts = $more['facts'] ?? null;
            if ($facts instanceof Facts && $kind === EntryKind::Done) {
                $taken = $this->shelf->take($workshop, $step, $facts, $at);
                $more['facts'] = $taken->isNothing() ? $facts : $facts->taking($taken);
            }
            $entry = $workshop->logEntries()->create($more + [
                'piece_id' => $step->piece_id, 'user_id' => $user->id, 'kind' => $kind, 'step' => $step->step,
                'title' => $step->title,
                'happened_at' => $at, 'once_key' => $key,
            ]);
            $then?->__invoke($entry);

            return [$entry, true];
        }, $step->piece);
    }

    /** A page that was made before the plan changed may name another step than the one it showed. */
    private function sameAsRead(PlannedStep $step, Press $press): void
    {
        if ($press->read !== null && $press->read !== $step->mark()) {
            throw new Refused('step', new Said('bench.another-step', ['step' => $step->title]));
        }
    }

    private function allow(PlannedStep $step, CarbonInterface $at, Measured $measured): void
    {
        if ($step->isTooWet() && ! $measured->isNotDry) {
            $number = $step->piece->blank?->number;
            throw new Refused('sure', new Said('bench.not-dry', ['number' => (string) $number]));
        }
        if ($at->gt(now()->addMinute())) {
            throw new OutOfTime($at, null);
        }
        if ($step->piece->refresh()->fault !== null) {
            throw new Refused('step', new Said('bench.held-back', ['piece' => $step->piece->name]));
        }
        $before = History::of($step->piece);
        foreach ($step->follows as $needed) {
            $done = $before->done[$needed] ?? null;
            if (! $before->settles($needed)) {
                $first = $step->piece->plannedSteps()->where('step', $needed)->value('title') ?? $needed;
                throw new Refused('step', new Said('bench.comes-first', ['step' => $step->title, 'first' => $first]));
            }
            // A field of a form knows no seconds: the same minute is not before.
            if ($done !== null && intdiv($at->getTimestamp(), 60) < intdiv($done, 60)) {
                throw new OutOfTime($at, Carbon::createFromTimestamp($done));
            }
        }
        if ($measured->found === null && $step->isEarlyAt($at)) {
            throw new Refused('found', new Said('bench.how-is-it', ['step' => $step->title]));
        }
    }

    private function refuseIfBuiltUpon(LogEntry $entry, Piece $piece): void
    {
        $history = History::of($piece);
        foreach ($piece->plannedSteps as $later) {
            if ($history->settles($later->step) && in_array($entry->step, $later->follows, true)) {
                throw new Refused('step', new Said(
                    'bench.built-upon', ['step' => $entry->title ?? (string) $entry->step, 'later' => $later->title],
                ));
            }
        }
    }
}
