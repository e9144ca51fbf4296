<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\StepPin;
use App\Models\StepState;
use HonestGrain\Words\Said;
use Illuminate\Database\Eloquent\Collection;

/** The piece that is chosen in Weeks: its dates, what is next of it, what of that is fixed, and what would help it. */
final readonly class WeekPiece
{
    private const STEPS = 5;

    /**
     * @param  Collection<int, PlannedStep>  $steps
     * @param  array<string, StepPin>  $pins  by step
     * @param  list<array{written: string, said: Said}>  $remedies
     * @param  array<int, string>  $others  pieces that it may go behind, by number
     */
    private function __construct(
        public Piece $piece,
        public Collection $steps,
        public array $pins,
        public array $remedies,
        public array $others,
    ) {
    }

    /**
     * @param  list<array{written: string, said: Said}>  $remedies
     * @param  array<int, string>  $names  of all pieces in work, by number
     */
    public static function of(Piece $piece, array $remedies, array $names): self
    {
        return new self(
            $piece, $piece->plannedSteps()->where('state', StepState::Open)->where('minutes', '>', 0)
                ->whereNotNull('start_at')->reorder('start_at')->limit(self::STEPS)->get(),
            StepPin::query()->where('piece_id', $piece->id)->get()->keyBy('step')->all(), $remedies,
            array_diff_key($names, [$piece->id => true]),
        );
    }

    /** Whether a step is fixed, and stands where it is fixed. */
    public function isKept(PlannedStep $step): bool
    {
        $pin = $this->pins[$step->step] ?? null;

        return $pin !== null && $step->start_at !== null && $pin->start_at->equalTo($step->start_at);
    }

    /** What a press does to a step: it is fixed, or let go. */
    public function press(PlannedStep $step): string
    {
        return say(isset($this->pins[$step->step]) ? 'pages.weeks.let-go' : 'pages.weeks.fix');
    }

    /** @return list<array{float, string}> each with its word */
    public function weights(): array
    {
        $words = array_values(lines('view.week-piece.weights'));

        return array_map(fn (int $n): array => [Piece::WEIGHTS[$n], $words[$n]], array_keys(Piece::WEIGHTS));
    }
}
