<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Planning\ShopMapper;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What every tab of a piece shares: its heading, the verdict on its date, its strip of time and whether it can be undone. */
final readonly class PiecePage
{
    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  list<array{x: float, width: float, kind: string, title: string}>  $strip  0–100 across the time that is left
     */
    private function __construct(
        public Piece $piece,
        public Collection $steps,
        public array $strip,
        public ?float $nowAt,
        public float $handsMinutes,
        public float $waitHours,
        public bool $canUndo,
        public bool $canRedo,
    ) {
    }

    public static function of(Piece $piece): self
    {
        $steps = $piece->plannedSteps->each(fn (PlannedStep $step) => $step->setRelation('piece', $piece));
        $open = $steps->where('state', 'open')->filter(fn (PlannedStep $step): bool => $step->start_at !== null && $step->end_at !== null);
        $hands = (float) $open->sum('minutes');
        $from = $steps->where('state', 'done')->min('end_at') ?? $open->min('start_at');
        $to = $open->max('end_at') ?? $steps->max('end_at');
        $now = now();
        $left = $piece->ready_at === null || $open->isEmpty() ? 0.0 : max(0.0, $now->diffInMinutes($piece->ready_at) - $hands) / 60;

        return new self(
            $piece, $steps, self::strip($steps, $from, $to), $from !== null && $to !== null && $now->between($from, $to) ? self::share($now, $from, $to) : null,
            $hands, $left,
            $piece->revision > (int) $piece->revisions()->min('number'),
            $piece->revisions()->where('number', '>', $piece->revision)->exists(),
        );
    }

    /**
     * What is done first, as it happened, then what is planned, then what has no time yet.
     *
     * @return Collection<int, PlannedStep>
     */
    public function stepsInTime(): Collection
    {
        return $this->steps->sortBy(fn (PlannedStep $step): array => [
            $step->state === 'open' ? 1 : 0,
            ($step->state === 'open' ? $step->start_at : $step->end_at)?->getTimestamp() ?? PHP_INT_MAX,
            $step->position,
        ])->values();
    }

    /** The one plain sentence about the date. */
    public function verdict(Show $show): string
    {
        $piece = $this->piece;
        if ($piece->ready_at === null) {
            return 'Not planned';
        }

        return ($piece->state === Piece::DONE ? 'Finished ' : 'Ready ').$show->day($piece->ready_at).', '.$show->time($piece->ready_at);
    }

    public function againstDue(Show $show): string
    {
        $piece = $this->piece;
        if ($piece->due_at === null || $piece->ready_at === null) {
            return $piece->due_at === null ? 'no due date' : 'due '.$show->day($piece->due_at);
        }
        $hours = $piece->ready_at->diffInMinutes($piece->due_at) / 60;

        return $hours >= 0 ? $show->hours($hours).' before it is due' : $show->hours(-$hours).' after it is due';
    }

    /** Where a piece is due on a day on which the shop is closed: by when hands must be off it. */
    public function closedWhenDue(Show $show): string
    {
        $due = $this->piece->due_at;
        if ($due === null) {
            return '';
        }
        $workshop = $this->piece->workshop;
        $hours = app(ShopMapper::class)->hours($workshop);
        $day = $due->copy()->setTimezone($workshop->time_zone);
        for ($back = 0; $back < 15; $back++) {
            $stretches = $hours->stretchesOn($day->copy()->subDays($back)->format('Y-m-d'));
            if ($stretches !== []) {
                $closes = Carbon::createFromTimestamp($stretches[count($stretches) - 1][1]);

                return $back === 0 ? '' : 'The shop is closed on the day it is due: the last hands-on time before is '
                    .$show->day($closes).' until '.$show->time($closes).'.';
            }
        }

        return 'The shop is closed for two weeks before the day it is due.';
    }

    /**
     * What would resolve a conflict, as one sentence.
     *
     * @param  array{choices: list<string>}  $conflict
     */
    public function choices(array $conflict): string
    {
        $choices = array_map(fn (string $choice): string => rtrim($choice, '.'), $conflict['choices']);
        $first = array_shift($choices);

        return $first === null ? '' : implode('; or ', [$first, ...array_map(lcfirst(...), $choices)]).'.';
    }

    public function isLate(): bool
    {
        return $this->piece->due_at !== null && $this->piece->ready_at !== null && $this->piece->ready_at->gt($this->piece->due_at);
    }

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @return list<array{x: float, width: float, kind: string, title: string}>
     */
    private static function strip(Collection $steps, ?CarbonInterface $from, ?CarbonInterface $to): array
    {
        if ($from === null || $to === null || $to->lte($from)) {
            return [];
        }
        $strip = [];
        foreach ($steps as $step) {
            if ($step->end_at === null || $step->state === 'skipped' || $step->minutes <= 0) {
                continue;
            }
            $start = $step->start_at ?? $step->end_at->copy()->subMinutes((int) $step->minutes);
            $x = max(0.0, self::share($start, $from, $to));
            $strip[] = ['x' => $x, 'width' => max(0.55, self::share($step->end_at, $from, $to) - $x), 'kind' => $step->state, 'title' => $step->title];
        }

        return $strip;
    }

    private static function share(CarbonInterface $at, CarbonInterface $from, CarbonInterface $to): float
    {
        return 100 * $from->diffInSeconds($at) / max(1, $from->diffInSeconds($to));
    }
}
