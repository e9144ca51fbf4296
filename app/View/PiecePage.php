<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Change;
use App\Models\Kept\Objection;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use HonestGrain\Drawing\TimeStrip;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\SandedInOneGo;
use HonestGrain\Route\StepKind;
use HonestGrain\Wood\Figured;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * What every tab of a piece shares: its heading, the verdict on its date, its strip of time and what can be undone.
 */
final readonly class PiecePage
{
    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  string  $strip  its time as a drawing
     */
    private function __construct(
        public Piece $piece,
        public Collection $steps,
        public string $strip,
        public float $handsMinutes,
        public float $waitHours,
        public ?Change $undoes,
        public ?Change $redoes,
        public ?CorePiece $core,
        public ?Part $part,
    ) {
    }

    /** @param  Part|null  $part  the part that the page is about */
    public static function of(Piece $piece, Show $show, ?CorePiece $core = null, ?Part $part = null): self
    {
        $steps = $piece->plannedSteps->each(fn (PlannedStep $step) => $step->setRelation('piece', $piece));
        $timed = array_map(
            fn (PlannedStep $step): array => [$step, $step->second('start_at'), $step->second('end_at')], $steps->all(),
        );
        $open = array_filter($timed, fn (array $one): bool => $one[0]->isOpen() && isset($one[1], $one[2]));
        $done = array_filter($timed, fn (array $one): bool => $one[0]->isDone());
        $hands = (float) array_sum(array_map(fn (array $one): float => $one[0]->minutes, $open));
        $first = array_filter($done === [] ? array_column($open, 1) : array_column($done, 2));
        $last = array_filter(array_column($open === [] ? $timed : $open, 2));
        $left = $piece->ready_at === null || $open === []
            ? 0.0 : max(0.0, now()->diffInMinutes($piece->ready_at) - $hands) / 60;

        $changes = $piece->changesAbout();

        return new self(
            $piece, $steps,
            $first === [] || $last === [] ? '' : self::strip($timed, min($first), max($last), $show), $hands, $left,
            $changes['undoes'], $changes['redoes'],
            $core, $part,
        );
    }

    /** @return array<string, string> names of its other parts, by id */
    public function otherParts(): array
    {
        $others = array_filter($this->core->parts ?? [], fn (Part $one): bool => $one->id !== $this->part?->id);

        return array_column($others, 'name', 'id');
    }

    /**
     * What is done first, as it happened, then what is planned, then what has no time yet.
     *
     * @return Collection<int, PlannedStep>
     */
    public function stepsInTime(): Collection
    {
        return $this->steps->sortBy(fn (PlannedStep $step): array => [
            $step->isOpen() ? 1 : 0,
            ($step->isOpen() ? $step->start_at : $step->end_at)?->getTimestamp() ?? PHP_INT_MAX,
            $step->position,
        ])->values();
    }

    /** What is left of hands and of waiting; empty where there is no date. */
    public function toGo(Show $show): string
    {
        return $this->piece->ready_at === null ? '' : say('view.piece-page.your-hands-waiting-go', [
            'minutes' => $show->minutes($this->handsMinutes),
            'hours' => $show->hours($this->waitHours),
        ]);
    }

    /** "Cherry (black), side grain, 9.5 %" of the part that the page is about. */
    public function wood(Show $show): string
    {
        $part = $this->part;

        return $part === null ? mb_lcfirst($show->wood($this->piece->wood)) : say('view.piece-page.grain', [
            'wood' => mb_lcfirst($show->said($part->wood->said())),
            'grain' => say("view.piece-page.grains.{$part->grain->value}"),
            'moisturePercent' => $show->plain($part->moisturePercent),
        ]);
    }

    /** "Blank 12, given by Ada; kept for her sister", of the wood that it is made of; empty where none is known. */
    public function blankStory(): string
    {
        $blank = $this->piece->blank;

        return $blank === null ? '' : BlankPage::story($blank);
    }

    /** @return Collection<int, PlannedStep> steps that are behind, as far as none before them is open */
    public function past(): Collection
    {
        return $this->steps->takeWhile(fn (PlannedStep $step): bool => ! $step->isOpen());
    }

    public function due(Show $show): string
    {
        return $this->piece->due_at === null ? say('view.piece-page.no-due-date') : say('view.piece-page.due', [
            'day' => $show->day($this->piece->due_at),
        ]);
    }

    /** The address of another page of the piece, about the same part. */
    public function tab(string $name): string
    {
        $isFirst = $this->part === null || $this->part === $this->core?->body();

        return route("pieces.$name", [$this->piece] + ($isFirst ? [] : ['part' => $this->part->id]));
    }

    /** The marks of the part with one of them chosen. */
    public function markTab(string $mark): string
    {
        return $this->tab('marks').(str_contains($this->tab('marks'), '?') ? '&' : '?')."mark=$mark";
    }

    /** The sanding of the part with every other way for a face priced. */
    public function waysTab(Face $face): string
    {
        return $this->tab('surface').(str_contains($this->tab('surface'), '?') ? '&' : '?')
            ."ways=$face->value#habits-$face->value";
    }

    /** The part in the round. */
    public function turned(): string
    {
        return $this->tab('turned');
    }

    /** Why the lathe turns no faster: the shop's rim speed, or flawed wood. */
    public function whySoSlow(Show $show): string
    {
        $speed = $show->speed($this->piece->workshop->sanding_cap_m_s);

        return $this->part?->mayFly() === true
            ? say('view.piece-page.slowly-because-wood-cracked')
            : say('view.piece-page.rim-then-moves-or', ['speed' => $speed]);
    }

    /**
     * The faces of the part that the route sands in one mount each; null where there is no route.
     *
     * @return list<list<Face>>|null
     */
    public function sandedTogether(): ?array
    {
        return SandedInOneGo::of($this->steps->where('part', $this->part?->id)->map(
            // Of all but sanding it matters only that it comes between.
            fn (PlannedStep $step): array => $step->kind === StepKind::Sand->value
                ? [$step->part, $step->details->stage, StepKind::Sand, $step->details->faces()]
                : [$step->part, 0, StepKind::from($step->kind), []],
        ))[$this->part->id ?? ''] ?? null;
    }

    /** @return Collection<int, PlannedStep> the decorations of the part that the page is about, in their order */
    public function markSteps(): Collection
    {
        return $this->steps->where('kind', StepKind::Mark->value)->where('part', $this->part?->id)->values();
    }

    /** @return array<string, Said|string> the finish of each face, in words */
    public function finishes(Show $show): array
    {
        $finishes = [];
        foreach ($this->core->parts ?? [] as $part) {
            $of = $this->core?->hasParts() === true ? "$part->name, " : '';
            foreach ($part->coatPlans as $plan) {
                $finishes[mb_ucfirst(mb_lcfirst($of).$show->faces($plan->zones))] = $plan->inWords();
            }
        }

        return $finishes === []
            ? [say('view.piece-page.all-over') => say('view.piece-page.bare-wood')] : $finishes;
    }

    /** How far the drawn lines may lie from the curves they stand for. */
    public function chordError(Show $show): string
    {
        return $show->length(Curve::CHORD_ERROR_MM, $show->fine() + 1);
    }

    /** How the mass is worked out, and where the density comes from or that there is none. */
    public function aboutMass(Show $show): string
    {
        $wood = $this->part?->wood;

        return match (true) {
            $wood === null => '',
            $wood->figures->gravity12 === null => say('view.piece-page.no-density-known-so', [
                'wood' => $wood->said(),
            ]),
            default => say('view.piece-page.mass-volume-times-density', [
                'wood' => $wood->said(),
                'gravity12' => $wood->figures->gravity12,
                'source' => $show->said($wood->source),
                'about' => $show->said($wood->about('density')),
            ]),
        };
    }

    /** @return array<string, Said> */
    public function holdings(): array
    {
        return array_column(array_map(
            fn (Holding $holding): array => [$holding->value, $holding->on()->label()], array_filter(
                Holding::cases(), fn (Holding $one): bool => $one !== Holding::JamPartner,
            ),
        ), 1, 0);
    }

    /** Whether the outside of a plan of coats can go on before the part is turned round to be hollowed. */
    public function mayCoatEarly(CoatPlan $plan): bool
    {
        return $this->core !== null && $this->part !== null && $this->part->profile->inner !== null
            && $this->core->begins($this->part) !== StartsAs::Turned && in_array(Face::Outside, $plan->zones, true)
            && ! $this->piece->isCoated($this->part->id);
    }

    /** @return array<string, Said|string> */
    public function figures(): array
    {
        return ['' => say('view.piece-page.straight-grain')] + array_column(array_map(
            fn (Figured $one): array => [$one->value, $one->label()], Figured::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said> what a piece may begin as */
    public static function begins(): array
    {
        return array_column(array_map(
            fn (StartsAs $as): array => [$as->value, $as->label()], StartsAs::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said|string> */
    public function purposes(): array
    {
        return array_column(array_map(
            fn (Purpose $purpose): array => [$purpose->value, $purpose->label()], Purpose::cases(),
        ), 1, 0);
    }

    public function bore(Show $show): string
    {
        return $show->field(Unit::Length, $this->part?->profile->bore?->diameterMm);
    }

    public function boreDepth(Show $show): string
    {
        return $show->field(Unit::Length, $this->part?->profile->bore?->depthMm);
    }

    /** "3 steps behind you, the last 14:05" */
    public function behind(Show $show): string
    {
        $past = $this->past();

        return say('view.piece-page.behind-you-last', [
            'count' => Quantity::count($past->count()),
            'dayTime' => $show->dayTime($past->max('end_at') ?? now()),
        ]);
    }

    /** The one plain sentence about the date. */
    public function verdict(Show $show): string
    {
        $piece = $this->piece;
        if ($piece->isWish()) {
            return say('view.piece-page.wish');
        }
        if ($piece->ready_at === null) {
            return say('view.piece-page.not-planned');
        }

        $what = $piece->state === PieceState::Done ? say('view.piece-page.finished') : say('view.piece-page.ready');

        return $what.$show->day($piece->ready_at).', '.$show->time(
            $piece->ready_at,
        );
    }

    public function againstDue(Show $show): string
    {
        $piece = $this->piece;
        if ($piece->isWish() && $piece->due_at !== null) {
            return say('view.piece-shelf.promised', ['day' => $show->day($piece->due_at)]);
        }
        if ($piece->due_at === null || $piece->ready_at === null) {
            return $piece->due_at === null ? say('view.piece-page.no-due-date') : say('view.piece-page.due', [
                'day' => $show->day($piece->due_at),
            ]);
        }
        $hours = $piece->ready_at->diffInMinutes($piece->due_at) / 60;

        return $hours >= 0
            ? say('view.piece-page.before-due', ['hours' => $show->hours($hours)])
            : say('view.piece-page.after-due', [
                'hours' => $show->hours(-$hours),
            ]);
    }

    /** Where a piece is due on a day on which the shop is closed: by when hands must be off it. */
    public function closedWhenDue(Show $show): string
    {
        $due = $this->piece->due_at;
        if ($due === null) {
            return '';
        }
        $workshop = $this->piece->workshop;
        $hours = $workshop->workingHours();
        $day = $due->copy()->setTimezone($workshop->time_zone);
        for ($back = 0; $back < 15; $back++) {
            $stretches = $hours->stretchesOn($day->copy()->subDays($back)->format('Y-m-d'));
            if ($stretches !== []) {
                $closes = Carbon::createFromTimestamp($stretches[count($stretches) - 1][1]);

                return $back === 0 ? '' : say('view.piece-page.shop-closed-day-due', [
                    'day' => $show->day($closes),
                    'time' => $show->time($closes),
                ]);
            }
        }

        return say('view.piece-page.shop-closed-two-weeks');
    }

    /**
     * What would resolve a conflict, as one sentence.
     */
    public function choices(Objection $objection, Show $show): string
    {
        $choices = array_map(
            fn (Said|string $choice): string => rtrim($show->said($choice), '.'), $objection->choices,
        );
        $first = array_shift($choices);

        return $first === null
            ? ''
            : implode(say('view.piece-page.or'), [$first, ...array_map(mb_lcfirst(...), $choices)]).'.';
    }

    public function isLate(): bool
    {
        return $this->piece->due_at !== null && $this->piece->ready_at !== null && $this->piece->ready_at->gt(
            $this->piece->due_at,
        );
    }

    /** @param  array<array{PlannedStep, int|null, int|null}>  $timed  with the seconds of their beginning and end */
    private static function strip(array $timed, int $from, int $to, Show $show): string
    {
        if ($to <= $from) {
            return '';
        }
        $strip = new TimeStrip($from, $to);
        foreach ($timed as [$step, $start, $end]) {
            if ($end === null || $step->minutes <= 0 || ! ($step->isOpen() || $step->isDone())) {
                continue;
            }
            $strip->work(
                $start ?? $end - 60 * (int) $step->minutes, $end, $step->isDone(), $show->said($step->title),
            );
        }

        return $strip->svg(now()->getTimestamp());
    }
}
