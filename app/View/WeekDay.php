<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Reading\Copy;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What one day holds, in the order of the plan. */
final readonly class WeekDay
{
    private const DAYS = 7;

    private const MOST_WEEKS = 52;

    /** So many letters go on a column of a sheet of A4 in the smallest size, for each mm of its width. */
    private const LETTERS_PER_MM = 62;

    /** What the days have of its width, and one on which nothing is done, mm; `week-days` in the style sheet. */
    private const SHEET_MM = 250;

    private const EMPTY_MM = 15;

    private const SHARES = ['is-empty' => 0.0, 'is-light' => 0.75, '' => 1.0, 'is-heavy' => 1.7];

    /** Those that a time and the name of a piece take, with what is lost at the end of the last line. */
    private const LETTERS_OF_A_RUN = 45;

    private const LOOSE = 600;

    private const TIGHT = 1_100;

    private const LIGHT = 8;

    private const HEAVY = 22;

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  array<string, StepPin>  $pins  by piece and step
     * @param  int  $room  letters that a sheet of paper has room for
     */
    private function __construct(
        public Carbon $day,
        public Collection $steps,
        public array $pins,
        private Workshop $workshop,
        private int $room = PHP_INT_MAX,
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

        $days = array_map(
            fn (int $n): self => self::on($workshop, $from->copy()->addDays($n)), range(0, self::DAYS - 1),
        );
        $shares = array_map(fn (self $day): float => self::SHARES[$day->width()], $days);
        $empty = count(array_filter($shares, fn (float $share): bool => $share <= 0.0));
        $each = (self::SHEET_MM - self::EMPTY_MM * $empty) * self::LETTERS_PER_MM / max(1.0, array_sum($shares));

        return array_map(
            fn (self $day, float $share): self => Copy::with($day, ['room' => (int) ($each * $share)]), $days, $shares,
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
    public function runs(Show $show): array
    {
        $runs = [];
        $last = null;
        $letters = 0;
        foreach ($this->steps as $step) {
            $same = "$step->piece_id $step->who";
            $letters += mb_strlen($show->said($step->title)) + ($same === $last ? 0 : $this->head($step));
            if ($letters > $this->room) {
                break;
            }
            $runs[$same === $last ? count($runs) - 1 : count($runs)][] = $step;
            $last = $same;
        }

        return array_values($runs);
    }

    private function head(PlannedStep $step): int
    {
        return self::LETTERS_OF_A_RUN + mb_strlen($this->who($step));
    }

    /** How many letters it takes on a sheet. */
    private function letters(Show $show): int
    {
        $letters = 0;
        foreach ($this->runs($show) as $run) {
            $letters += $this->head($run[0]) + mb_strlen($this->titles($run, $show));
        }

        return $letters;
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
    public function more(Show $show): int
    {
        return $this->steps->count() - array_sum(array_map(count(...), $this->runs($show)));
    }

    /**
     * The class by which a week is set so small that it goes on one sheet.
     *
     * @param  list<self>  $week
     */
    public static function size(array $week, Show $show): string
    {
        $most = max(0, ...array_map(fn (self $day): int => $day->letters($show), $week));

        return $most > self::TIGHT ? 'is-tightest' : ($most > self::LOOSE ? 'is-tight' : '');
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
