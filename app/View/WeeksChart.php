<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** All pieces in work over the coming days: hands-on solid, waits hatched, the due date as a line. */
final readonly class WeeksChart
{
    public const PER_PAGE = 16;

    public const LEFT = 230;

    public const WIDTH = 1200;

    public const ROW = 40;

    public const HEAD = 46;

    private const WORTH_DRAWING_SECONDS = 1200;

    /**
     * @param  list<array{x: float, label: string, weekend: bool, month: string}>  $days
     * @param  list<array<string, mixed>>  $rows
     */
    private function __construct(
        public array $days,
        public array $rows,
        public float $nowX,
        public int $total,
        public int $late,
        public int $unplanned,
        public int $page,
        public float $dayWidth,
    ) {
    }

    public static function of(Workshop $workshop, string $zone, int $days, int $page): self
    {
        $from = now($zone)->startOfDay();
        $to = $from->copy()->addDays($days);
        [$first, $last] = [$from->getTimestamp(), $to->getTimestamp()];
        $x = fn (int $at): float => round(self::LEFT + (self::WIDTH - self::LEFT) * max(0, min(1, ($at - $first) / ($last - $first))), 1);
        $query = $workshop->pieces()->working();
        $pieces = (clone $query)->orderByRaw('due_at is null')->orderBy('due_at')->orderBy('id')->forPage($page + 1, self::PER_PAGE)->get(['id', 'workshop_id', 'name', 'due_at', 'ready_at', 'late', 'state']);
        // Hundreds of steps, of which only the times are drawn: plain rows, with seconds in place of dates.
        $steps = $workshop->plannedSteps()->whereIn('piece_id', $pieces->pluck('id'))->where('state', 'open')->whereNotNull('start_at')->where('start_at', '<', $to->copy()->utc())
            ->orderBy('start_at')->toBase()->get(['piece_id', 'title', 'minutes', DB::raw('unix_timestamp(start_at) as start'), DB::raw('unix_timestamp(end_at) as end'), DB::raw('unix_timestamp(waits_from) as waits_from')])->groupBy('piece_id');
        $rows = [];
        foreach ($pieces as $piece) {
            $rows[] = self::row($piece, $steps->get($piece->id, collect())->all(), $x, $last);
        }
        $list = [];
        for ($i = 0; $i < $days; $i++) {
            $day = $from->copy()->addDays($i);
            $list[] = ['x' => $x($day->getTimestamp()), 'label' => $day->format($days > 20 ? 'j' : 'D j'), 'weekend' => $day->isWeekend(), 'month' => $i === 0 || $day->day === 1 ? $day->format('F') : ''];
        }

        return new self(
            $list, $rows, $x(now()->getTimestamp()), $query->count(), (clone $query)->whereNotNull('late')->count(),
            (clone $query)->whereNull('ready_at')->count(), $page, (self::WIDTH - self::LEFT) / $days,
        );
    }

    /** The one sentence about all pieces in work. */
    public function headline(): string
    {
        $planned = $this->total - $this->unplanned;
        $without = match (true) {
            $this->unplanned === 0 => '',
            $this->unplanned === 1 => '; 1 has no date',
            default => "; $this->unplanned have no date",
        };

        return match (true) {
            $this->total === 0 => 'No pieces in work',
            $planned === 0 => $this->total === 1
                ? 'The piece in work has no date'
                : "None of {$this->total} pieces has a date",
            $this->late > 0 => "{$this->late} of {$this->total} "
                .($this->total === 1 ? 'piece' : 'pieces').' will be late'.$without,
            $this->unplanned > 0 => "$planned of {$this->total} pieces will be done in time$without",
            default => $this->total === 1
                ? 'The 1 piece in work will be done in time'
                : "All {$this->total} pieces will be done in time",
        };
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
     * @param  array<int, \stdClass>  $steps
     * @param  callable(int): float  $x
     * @return array<string, mixed>
     */
    private static function row(Piece $piece, array $steps, callable $x, int $last): array
    {
        $hands = $waits = [];
        $next = null;
        $before = null;
        foreach ($steps as $step) {
            $waitFrom = $before ?? ($step->waits_from === null ? null : (int) $step->waits_from);
            if ($waitFrom !== null && $step->start - $waitFrom > self::WORTH_DRAWING_SECONDS) {
                $waits[] = ['x' => $x($waitFrom), 'width' => max(0.0, $x((int) $step->start) - $x($waitFrom))];
            }
            if ($step->minutes > 0) {
                $left = $x((int) $step->start);
                $hands[] = ['x' => $left, 'width' => max(2.2, $x((int) $step->end) - $left), 'title' => $step->title];
                $next ??= ['title' => $step->title, 'at' => Carbon::createFromTimestamp((int) $step->start)];
            }
            $before = (int) $step->end;
        }
        $ready = $piece->ready_at?->getTimestamp();
        $due = $piece->due_at?->getTimestamp();
        if ($before !== null && $ready !== null && $ready > $last) {
            $waits[] = ['x' => $x($before), 'width' => max(0.0, $x($last) - $x($before))];
        }

        return ['piece' => $piece, 'hands' => $hands, 'waits' => $waits, 'next' => $next, 'due' => $due !== null && $due < $last ? $x($due) : null, 'ready' => $ready !== null && $ready < $last ? $x($ready) : null];
    }
}
