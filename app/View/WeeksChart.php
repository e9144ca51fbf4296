<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\Workshop;
use Carbon\CarbonInterface;

/** All pieces in work over the coming days: hands-on solid, waits hatched, the due date as a line. */
final readonly class WeeksChart
{
    public const PER_PAGE = 16;

    public const LEFT = 230;

    public const WIDTH = 1200;

    public const ROW = 40;

    public const HEAD = 46;

    /**
     * @param  list<array{x: float, label: string, weekend: bool, month: string}>  $days
     * @param  list<array<string, mixed>>  $rows
     */
    private function __construct(public CarbonInterface $from, public CarbonInterface $to, public array $days, public array $rows, public float $nowX, public int $total, public int $late, public int $page, public float $dayWidth)
    {
    }

    public static function of(Workshop $workshop, string $zone, int $days, int $page): self
    {
        $from = now($zone)->startOfDay();
        $to = $from->copy()->addDays($days);
        $seconds = $from->diffInSeconds($to);
        $x = fn (CarbonInterface $at): float => round(self::LEFT + (self::WIDTH - self::LEFT) * max(0, min(1, $from->diffInSeconds($at) / $seconds)), 1);
        $query = $workshop->pieces()->working();
        $pieces = (clone $query)->orderByRaw('due_at is null')->orderBy('due_at')->orderBy('id')->forPage($page + 1, self::PER_PAGE)->get(['id', 'workshop_id', 'name', 'due_at', 'ready_at', 'late', 'state']);
        $steps = $workshop->plannedSteps()->whereIn('piece_id', $pieces->pluck('id'))->where('state', 'open')->where('start_at', '<', $to)
            ->orderBy('start_at')->get(['id', 'piece_id', 'step', 'title', 'minutes', 'start_at', 'end_at', 'closes_at', 'waits_from', 'is_next'])->groupBy('piece_id');
        $rows = [];
        foreach ($pieces as $piece) {
            $rows[] = self::row($piece, $steps->get($piece->id, collect())->values()->all(), $x, $to);
        }
        $list = [];
        for ($i = 0; $i < $days; $i++) {
            $day = $from->copy()->addDays($i);
            $list[] = ['x' => $x($day), 'label' => $day->format($days > 28 ? 'j' : 'D j'), 'weekend' => $day->isWeekend(), 'month' => $i === 0 || $day->day === 1 ? $day->format('F') : ''];
        }

        return new self($from, $to, $list, $rows, $x(now()), $query->count(), (clone $query)->whereNotNull('late')->count(), $page, (self::WIDTH - self::LEFT) / $days);
    }

    public function height(): int
    {
        return self::HEAD + self::ROW * max(1, count($this->rows)) + 8;
    }

    public function pages(): int
    {
        return max(1, (int) ceil($this->total / self::PER_PAGE));
    }

    /**
     * @param  list<PlannedStep>  $steps
     * @param  callable(CarbonInterface): float  $x
     * @return array<string, mixed>
     */
    private static function row(Piece $piece, array $steps, callable $x, CarbonInterface $to): array
    {
        $hands = $waits = [];
        $before = null;
        foreach ($steps as $step) {
            if ($step->start_at === null || $step->end_at === null) {
                continue;
            }
            $waitFrom = $before ?? $step->waits_from;
            if ($waitFrom !== null && $waitFrom->diffInMinutes($step->start_at) > 20) {
                $waits[] = ['x' => $x($waitFrom), 'width' => max(0.0, $x($step->start_at) - $x($waitFrom))];
            }
            if ($step->minutes > 0) {
                $hands[] = ['x' => $x($step->start_at), 'width' => max(2.2, $x($step->end_at) - $x($step->start_at)), 'title' => $step->title, 'at' => $step->start_at];
            }
            $before = $step->end_at;
        }
        $ready = $piece->ready_at;
        if ($before !== null && $ready !== null && $ready->gt($to)) {
            $waits[] = ['x' => $x($before), 'width' => max(0.0, $x($to) - $x($before))];
        }

        return ['piece' => $piece, 'hands' => $hands, 'waits' => $waits, 'due' => $piece->due_at !== null && $piece->due_at->lt($to) ? $x($piece->due_at) : null, 'ready' => $ready !== null && $ready->lt($to) ? $x($ready) : null];
    }
}
