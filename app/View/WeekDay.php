<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What one day holds, in the order of the plan. */
final readonly class WeekDay
{
    private const DAYS = 7;

    private const MOST_WEEKS = 52;

    /** More steps of one day go on no sheet of A4. */
    private const ON_PAPER = 44;

    private const LOOSE = 16;

    private const LIGHT = 8;

    private const HEAVY = 22;

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  array<string, StepPin>  $pins  by piece and step
     */
    private function __construct(
        public Carbon $day,
        public Collection $steps,
        public array $pins,
        private Workshop $workshop,
    ) {
    }

    public static function of(Workshop $workshop, WeeksAsked $asked): ?self
    {
        $day = $asked->chosenDay($workshop);

        return $day === null ? null : self::on($workshop, $day);
    }

    /**
     * The seven days from today on, or from some weeks later.
     *
     * @return list<self>
     */
    public static function week(Workshop $workshop, int $weeks): array
    {
        $from = now($workshop->time_zone)->startOfDay()->addWeeks(max(0, min(self::MOST_WEEKS, $weeks)));

        return array_map(
            fn (int $n): self => self::on($workshop, $from->copy()->addDays($n)), range(0, self::DAYS - 1),
        );
    }

    public function isFixed(PlannedStep $step): bool
    {
        return isset($this->pins["$step->piece_id $step->step"]);
    }

    /** Who does a step; empty where one pair of hands does everything. */
    public function who(PlannedStep $step): string
    {
        return $this->workshop->whoDoes($step);
    }

    /**
     * Steps that one pair of hands does on one piece, one behind the other, as far as a sheet of paper has room.
     *
     * @return list<non-empty-list<PlannedStep>>
     */
    public function runs(): array
    {
        $runs = [];
        $last = null;
        foreach ($this->steps->take(self::ON_PAPER) as $step) {
            $same = "$step->piece_id $step->who";
            $runs[$same === $last ? count($runs) - 1 : count($runs)][] = $step;
            $last = $same;
        }

        return array_values($runs);
    }

    /** @param  non-empty-list<PlannedStep>  $run */
    public function titles(array $run, Show $show): string
    {
        return implode('; ', array_map(fn (PlannedStep $step): string => $show->said($step->title), $run));
    }

    /**
     * When the first window of a run closes that is kept.
     *
     * @param  non-empty-list<PlannedStep>  $run
     */
    public function closes(array $run): ?Carbon
    {
        foreach ($run as $step) {
            if ($step->closes_at !== null && $step->given_up_at === null) {
                return $step->closes_at;
            }
        }

        return null;
    }

    /** The class by which a sheet gives a day its share of room. */
    public function width(): string
    {
        return match (true) {
            $this->steps->isEmpty() => 'is-empty',
            $this->steps->count() <= self::LIGHT => 'is-light',
            $this->steps->count() > self::HEAVY => 'is-heavy',
            default => '',
        };
    }

    /** How many steps a sheet has no room for. */
    public function more(): int
    {
        return max(0, $this->steps->count() - self::ON_PAPER);
    }

    /**
     * Whether a week must be set small to go on one sheet.
     *
     * @param  list<self>  $week
     */
    public static function isTight(array $week): bool
    {
        return max(0, ...array_map(fn (self $day): int => $day->steps->count(), $week)) > self::LOOSE;
    }

    public function minutes(): float
    {
        return (float) $this->steps->sum('minutes');
    }

    private static function on(Workshop $workshop, Carbon $day): self
    {
        $until = $day->copy()->endOfDay();

        return new self(
            $day, $workshop->plannedSteps()->with('piece:id,workshop_id,name')->where('state', StepState::Open)
                ->where('minutes', '>', 0)->whereBetween('start_at', [$day->copy()->utc(), $until->utc()])
                ->orderBy('start_at')->orderBy('id')->get(),
            $workshop->pins()->get()->keyBy(fn (StepPin $pin): string => "$pin->piece_id $pin->step")->all(),
            $workshop,
        );
    }
}
