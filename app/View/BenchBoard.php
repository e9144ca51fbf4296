<?php

declare(strict_types=1);

namespace App\View;

use App\Models\EntryKind;
use App\Models\Kept\Mounted;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepClock;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Drawing\WaitBar;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Mount;
use HonestGrain\Route\OnLathe;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What the Bench shows: one step for now, what comes after it, what waits, and which windows close today. */
final readonly class BenchBoard
{
    private const AFTER = 6;

    /** What begins so soon is for now. */
    private const SOON_MINUTES = 11;

    private const WAITING = 12;

    /** So many of what is no longer for today are named. */
    public const PUT_OFF = 4;

    /** A list to choose from has so many names. */
    private const NAMED = 80;

    /**
     * @param  Collection<int, PlannedStep>  $ready  for hands, in the plan's order; last what the lathe is not free for
     * @param  Collection<int, PlannedStep>  $waiting
     * @param  list<Must>  $musts
     * @param  Collection<int, PlannedStep>  $putOff  the next of pieces that had a step today and have none any more
     * @param  Collection<int, PlannedStep>  $together  the same as the step for now, on other pieces, that could be
     *     done with it
     * @param  Collection<int, LogEntry>  $lately
     * @param  Collection<int, Piece>  $held  pieces that something is wrong with
     * @param  Worker|null  $worker  whose bench it is; null: everybody's
     * @param  string  $who  does the step for now; empty where one pair of hands does everything
     * @param  PlannedStep|null  $first  the step of a part on the lathe that has to be done before the one for now
     */
    private function __construct(
        public ?PlannedStep $now,
        public bool $shopOpen,
        public Collection $ready,
        public Collection $waiting,
        public int $waitingCount,
        public array $musts,
        public Collection $putOff,
        public Collection $together,
        public ?StepClock $clock,
        public int $readyCount,
        public Collection $lately,
        public bool $empty,
        public ?Said $trouble,
        public Collection $held,
        public ?Worker $worker,
        public string $who,
        public ?PlannedStep $first,
    ) {
    }

    /** How many wait besides those that are shown. */
    public function waitElsewhere(): int
    {
        return max(0, $this->waitingCount - $this->waiting->count());
    }

    /** @param  int  $ahead  so many steps that are ready are passed over: the next one is looked at first */
    public static function of(Workshop $workshop, NextSteps $next, ?Worker $worker = null, int $ahead = 0): self
    {
        $own = $next->by($worker);
        $shown = $own->ready()->take(self::AFTER + 1);
        $count = $shown->count();
        $whole = $own->whole($shown);
        $ways = $whole->mapWithKeys(fn (PlannedStep $step): array => [$step->id => self::inTheWay($workshop, $step)]);
        $ready = $whole->filter(fn (PlannedStep $step): bool => $ways[$step->id] === null)
            ->concat($whole->filter(fn (PlannedStep $step): bool => $ways[$step->id] !== null))->values();
        $now = $ready->get($count === 0 ? 0 : $ahead % $count);
        $waits = $own->waiting();

        return new self(
            $now,
            $now?->start_at !== null && $now->start_at->lte(now()->addMinutes(self::SOON_MINUTES)),
            $ready->reject(fn (PlannedStep $step): bool => $step->is($now))->values(),
            $waits->take(self::WAITING),
            $waits->count(),
            Musts::of($workshop, $worker),
            self::putOff($workshop, $worker),
            $now === null ? new Collection : $own->whole($own->togetherWith($now)->take(self::AFTER)),
            $now === null ? null : StepClock::of($now),
            $count,
            self::lately($workshop, $next),
            $next->pieces->isEmpty() && ! $workshop->pieces()->exists(),
            $workshop->plan_summary?->trouble,
            $next->held(),
            $worker,
            $now === null || $worker !== null ? '' : $workshop->whoDoes($now),
            $now === null ? null : self::first($workshop, $ways[$now->id]),
        );
    }

    /** What has to come off the lathe before a step can be begun; null where it needs none, or that is free. */
    private static function inTheWay(Workshop $workshop, PlannedStep $step): ?OnLathe
    {
        $mount = Mount::tryFrom($step->details->mount ?? '');
        if ($mount?->spins() !== true && $step->kind !== StepKind::Buff->value) {
            return null;
        }
        $mounted = array_map(fn (Mounted $one): OnLathe => $one->on, $workshop->plan_summary->mounted ?? []);

        return OnLathe::inTheWay($mounted, (string) $step->piece_id, $step->part, 1 + $workshop->spare_chucks);
    }

    private static function first(Workshop $workshop, ?OnLathe $inTheWay): ?PlannedStep
    {
        return $inTheWay === null ? null : $workshop->plannedSteps()->with('piece:id,workshop_id,name')
            ->where('piece_id', (int) $inTheWay->piece)->where('step', $inTheWay->until)
            ->where('state', StepState::Open)->first(['id', 'workshop_id', 'piece_id', 'step', 'title']);
    }

    /** @return Collection<int, PlannedStep> the next steps of pieces that had one today and have none any more */
    private static function putOff(Workshop $workshop, ?Worker $worker): Collection
    {
        $today = now($workshop->time_zone);
        $pieces = [];
        foreach ($workshop->plan_summary->putOff ?? [] as $one) {
            if ($one->was >= $today->copy()->startOfDay()->getTimestamp()) {
                $pieces[$one->pieceId] = $one->pieceId;
            }
        }
        $steps = $pieces === [] ? new Collection : $workshop->plannedSteps()->with('piece:id,workshop_id,name')
            ->whereIn('piece_id', $pieces)->where('state', StepState::Open)->where('minutes', '>', 0)
            ->whereNotNull('start_at')->of($worker)->orderBy('start_at')->orderBy('id')
            ->get(['id', 'workshop_id', 'piece_id', 'step', 'title', 'start_at', 'given_up_at']);

        return $steps->groupBy('piece_id')->filter(
            fn (Collection $open): bool => $open->first()?->start_at?->gt($today->copy()->endOfDay()) === true
                // Where a window is missed, that is told among what is late.
                && $open->first()->given_up_at === null,
        )->map(fn (Collection $open): PlannedStep => $open->firstOrFail())->values();
    }

    /** @return Collection<int, LogEntry> */
    private static function lately(Workshop $workshop, NextSteps $next): Collection
    {
        $entries = $workshop->logEntries()
            ->whereIn('kind', [EntryKind::Done, EntryKind::Skipped, EntryKind::Wrong, EntryKind::Note])
            ->orderByDesc('happened_at')->limit(4)->get();
        foreach ($entries as $entry) {
            $piece = $entry->piece_id === null ? null : $next->pieces->get($entry->piece_id);
            if ($piece !== null) {
                $entry->setRelation('piece', $piece);
            }
        }

        return $entries->loadMissing('piece:id,workshop_id,name');
    }

    /** @return Collection<int, string> names by number: of all in work where they are few, else of those shown here */
    public function named(NextSteps $next): Collection
    {
        $shown = $this->ready->concat($this->waiting)->concat([$this->now])->filter()->pluck('piece_id')
            ->concat($this->held->pluck('id'));

        return $next->pieces->filter(fn (Piece $piece): bool => $next->pieces->count() <= self::NAMED
            || $shown->contains($piece->id))->pluck('name', 'id');
    }

    public function whyNothing(): string
    {
        return $this->empty ? say('view.bench-board.bench-tells-you-what')
            : say('view.bench-board.everything-work-drying-or');
    }

    /** "Discs it took, of 7 planned" */
    public function discsAsked(): string
    {
        return say('view.bench-board.discs-took-planned', [
            'sheets' => array_sum($this->now->details->abrading->sheets ?? []),
        ]);
    }

    /** When a running clock speaks up, minutes from its start, and what it says. */
    public function signals(Show $show): string
    {
        $signals = [];
        $at = 0.0;
        $minutesAt = $this->now->details->abrading->minutesAt ?? [];
        $grits = array_map($show->grit(...), array_map(strval(...), array_keys($minutesAt)));
        foreach (array_values($minutesAt) as $i => $minutes) {
            $at += $minutes;
            $signals[] = ['at' => round($at, 1), 'say' => say('view.bench-board.had-time-wipe-look', [
                'grit' => $grits[$i],
                'then' => isset($grits[$i + 1]) ? say('view.bench-board.then', ['grit' => $grits[$i + 1]]) : '.',
            ])];
        }
        $planned = $this->now->minutes ?? 0.0;

        return json_encode($signals !== [] || $planned <= 0 ? $signals : [
            ['at' => $planned, 'say' => say('view.bench-board.planned-time-up')],
        ], JSON_THROW_ON_ERROR);
    }

    /** @return array<string, list<Face>> grit => the faces that take it while the piece is held so */
    public function gritByGrit(AbrasiveTable $abrasives): array
    {
        return $this->now?->details->abrading === null ? [] : SandingRun::of($this->now, $abrasives);
    }

    /** "Now, 12 min", "Next, Thu 26 Nov 08:00, 12 min" */
    public function whenNow(Show $show): string
    {
        $at = $this->now?->start_at;
        $when = $this->shopOpen
            ? say('view.bench-board.now')
            : say('view.bench-board.next', ['at' => $at === null
                ? say('view.bench-board.when-you-ready') : $show->dayTime($at)]);

        return "$when, ".$show->minutes($this->now->minutes ?? 0.0).($this->who === '' ? '' : " · $this->who");
    }

    /** How much of a wait is over. */
    public function bar(PlannedStep $step): string
    {
        return $step->waits_from === null || $step->opens_at === null ? '' : WaitBar::svg(
            (string) $step->id, $step->waits_from->getTimestamp(), $step->opens_at->getTimestamp(), now()
                ->getTimestamp(),
        );
    }

    /** What was done or noted lately, in a line; a title may begin with a name, and is never re-spelt. */
    public function says(LogEntry $entry, Show $show): string
    {
        return implode(': ', array_filter([
            match ($entry->kind) {
                EntryKind::Wrong => say('view.bench-board.something-wrong'),
                EntryKind::Skipped => say('view.bench-board.skipped'),
                EntryKind::Looked => say('view.bench-board.looked-at'),
                default => null,
            },
            $entry->title === null ? null : $show->said($entry->title), $entry->body,
            $entry->kind === EntryKind::Note ? $show->entry($entry)->weight() : null,
        ]));
    }

    /** When the step for now must have been begun; null where it is today's in any case. */
    public function until(): ?Carbon
    {
        if ($this->now === null || $this->now->given_up_at !== null) {
            return null;
        }

        return $this->now->closes_at?->min($this->now->must_at ?? $this->now->closes_at) ?? $this->now->must_at;
    }

    /** Seconds (UTC), with blanks between, at which something on the page is no longer so. */
    public function changesAt(): string
    {
        $starts = $this->shopOpen ? null : $this->now?->start_at?->copy()->subMinutes(self::SOON_MINUTES);
        $moments = [
            $starts, ...$this->waiting->map(fn (PlannedStep $wait): ?Carbon => $wait->opens_at),
            ...array_map(fn (Must $must): ?Carbon => $must->by, $this->musts),
        ];

        return implode(' ', array_unique(array_map(
            fn (Carbon $at): int => $at->getTimestamp(),
            array_filter($moments, fn (?Carbon $at): bool => $at?->isFuture() === true),
        )));
    }

    /** The piece for now, with what the step is done on lit up. */
    public function drawing(): string
    {
        // It is read for this one alone: drawings are the heaviest that is kept of a piece.
        $drawing = (string) Piece::query()->whereKey($this->now?->piece_id)->value('drawing');
        $zones = $this->now?->zones() ?? [];
        $svg = count($zones) === 1 ? simplexml_load_string($drawing) : false;
        if ($svg === false) {
            return $drawing;
        }
        // Each part is a group of its own: only the one that the step is done on lights up.
        $within = sprintf('//*[@data-part="%s"]//*[@data-zone="%s" or @data-band="%2$s"]', $this->now->part, $zones[0]);
        foreach ($svg->xpath($within) ?: [] as $element) {
            $element['class'] = trim("{$element['class']} is-lit");
        }

        return (string) preg_replace('/^<\?xml.*?\?>\s*/', '', (string) $svg->asXML());
    }
}
