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

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  array<string, StepPin>  $pins  by piece and step
     * @param  array<int, string>  $names  workers, by number
     */
    private function __construct(
        public Carbon $day,
        public Collection $steps,
        public array $pins,
        public array $names,
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
        return implode(', ', array_filter(array_map(
            fn (string $id): string => $this->names[(int) $id] ?? '', explode(',', (string) $step->who),
        )));
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
            $workshop->workers->count() < 2 ? [] : $workshop->workers->pluck('name', 'id')->all(),
        );
    }
}
