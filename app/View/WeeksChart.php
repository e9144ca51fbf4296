<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\SaidCast;
use App\Models\Kept\ShutWindow;
use App\Models\Piece;
use App\Models\StepState;
use App\Models\Workshop;
use HonestGrain\Drawing\WeekSheet;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** All pieces in work over the coming days, as a drawing and as a table. */
final readonly class WeeksChart
{
    public const PER_PAGE = 16;

    private const MOST_PAGES = 12;

    private const WORTH_DRAWING_SECONDS = 1200;

    private const NAME = 26;

    /** @param  list<array{piece: Piece, next: array{title: Said, at: Carbon}|null}>  $rows */
    private function __construct(
        public string $drawing,
        public array $rows,
        public int $total,
        public int $lateCount,
        public int $unplanned,
        public int $page,
    ) {
    }

    public static function of(Workshop $workshop, Show $show, int $days, int $page): self
    {
        $from = now($show->timeZone)->startOfDay();
        $to = $from->copy()->addDays($days);
        $query = $workshop->pieces()->working();
        $pieces = (clone $query)->orderByRaw('due_at is null')->orderBy('due_at')->orderBy('id')
            ->forPage($page + 1, self::PER_PAGE)
            ->get(['id', 'workshop_id', 'name', 'due_at', 'ready_at', 'late', 'state']);
        $ids = $pieces->map(fn (Piece $piece): int => $piece->id);
        $steps = self::steps($workshop, array_values($ids->all()), $to->copy()->utc());
        $sheet = new WeekSheet($from->getTimestamp(), $to->getTimestamp());
        for ($i = 0; $i < $days; $i++) {
            $day = $from->copy()->addDays($i);
            $sheet->day(
                $day->getTimestamp(), $show->dated($day, $days > 20 ? 'j' : 'D j'),
                $i === 0 || $day->day === 1 ? $show->dated($day, 'F') : '', $day->isWeekend(), $days > 20 ? 11 : 13,
            );
        }
        $rows = [];
        foreach ($pieces as $piece) {
            $rows[] = self::row($sheet, $piece, $steps->get($piece->id, collect())->all(), $show, $to->getTimestamp());
        }
        $all = $query->toBase()
            ->selectRaw('count(*) pieces')->selectRaw('count(late) late')->selectRaw('count(ready_at) planned')
            ->first();

        return new self(
            $sheet->svg(now()->getTimestamp()), $rows, (int) $all?->pieces, (int) $all?->late,
            (int) $all?->pieces - (int) $all?->planned, $page,
        );
    }

    /** The one sentence about all pieces in work. */
    public function headline(): string
    {
        $planned = $this->total - $this->unplanned;
        $without = match (true) {
            $this->unplanned === 0 => '',
            $this->unplanned === 1 => say('view.weeks-chart.no-date'),
            default => say('view.weeks-chart.have-no-date', ['unplanned' => $this->unplanned]),
        };

        return match (true) {
            $this->total === 0 => say('view.weeks-chart.no-pieces-work'),
            $planned === 0 => $this->total === 1
                ? say('view.weeks-chart.piece-work-no-date')
                : say('view.weeks-chart.none-pieces-date', ['total' => $this->total]),
            $this->lateCount > 0 => say('view.weeks-chart.will-late', [
                'lateCount' => $this->lateCount,
                'total' => Quantity::count($this->total),
                'without' => $without,
            ]),
            $this->unplanned > 0 => say('view.weeks-chart.pieces-will-done-time', [
                'planned' => $planned,
                'total' => $this->total,
                'without' => $without,
            ]),
            default => $this->total === 1
                ? say('view.weeks-chart.piece-work-will-done')
                : say('view.weeks-chart.all-pieces-will-done', ['total' => $this->total]),
        };
    }

    /** @return list<int> the pages there are, as far as they are offered */
    public function pages(): array
    {
        return range(1, max(1, min(self::MOST_PAGES, (int) ceil($this->total / self::PER_PAGE))));
    }

    public function broken(ShutWindow $window, Show $show): string
    {
        return say('view.weeks-chart.comes-after-closes-scuff', [
            'title' => $show->said($window->title),
            'hours' => $show->hours($window->lateHours),
        ]);
    }

    public function isPage(int $number): bool
    {
        return $number === $this->page + 1;
    }

    /** @return list<Piece> those on this page that will be late */
    public function late(): array
    {
        return array_values(array_filter(
            array_column($this->rows, 'piece'), fn (Piece $piece): bool => $piece->late !== null,
        ));
    }

    /**
     * Hundreds of steps, of which only the times are drawn: plain rows, with seconds in place of dates.
     *
     * @param  list<int>  $pieces
     * @return Collection<int|string, Collection<int, \stdClass>> by piece, each with its title read
     */
    private static function steps(Workshop $workshop, array $pieces, Carbon $before): Collection
    {
        $titles = [];

        return $workshop->plannedSteps()->whereIn('piece_id', $pieces)->where('state', StepState::Open)
            ->whereNotNull('start_at')->where('start_at', '<', $before)->orderBy('start_at')->toBase()
            ->get([
                'piece_id', 'title', 'minutes', DB::raw('unix_timestamp(start_at) as start'),
                DB::raw('unix_timestamp(end_at) as end'), DB::raw('unix_timestamp(waits_from) as waits_from'),
            ])->each(function (\stdClass $step) use (&$titles): void {
                // Many steps share a title, which is worded once for all of them.
                $step->title = $titles[$step->title] ??= SaidCast::read((string) $step->title);
            })->groupBy('piece_id');
    }

    /**
     * @param  array<int, \stdClass>  $steps
     * @return array{piece: Piece, next: array{title: Said, at: Carbon}|null}
     */
    private static function row(WeekSheet $sheet, Piece $piece, array $steps, Show $show, int $last): array
    {
        $hands = $waits = [];
        $next = $before = null;
        foreach ($steps as $step) {
            [$start, $end] = [(int) $step->start, (int) $step->end];
            $waitFrom = $before ?? ($step->waits_from === null ? null : (int) $step->waits_from);
            if ($waitFrom !== null && $start - $waitFrom > self::WORTH_DRAWING_SECONDS) {
                $waits[] = [$waitFrom, $start];
            }
            if ($step->minutes > 0) {
                $hands[] = [$start, $end, $show->said($step->title)];
                $next ??= ['title' => $step->title, 'at' => Carbon::createFromTimestamp($start)];
            }
            $before = $end;
        }
        $ready = $piece->ready_at?->getTimestamp();
        if ($before !== null && $ready !== null && $ready > $last) {
            $waits[] = [$before, $last];
        }
        $sheet->piece([
            'name' => Str::limit($piece->name, self::NAME), 'href' => route('pieces.route', $piece),
            'says' => self::says($piece, $show), 'late' => $piece->late !== null,
        ], $waits, $hands, $ready, $piece->due_at?->getTimestamp());

        return ['piece' => $piece, 'next' => $next];
    }

    private static function says(Piece $piece, Show $show): string
    {
        return match (true) {
            $piece->late !== null => say('view.weeks-chart.late', [
                'hours' => $show->hours($piece->late->hours),
            ]),
            $piece->ready_at !== null => say('view.weeks-chart.ready', [
                'day' => $show->day($piece->ready_at),
            ]),
            default => say('view.weeks-chart.not-planned'),
        };
    }
}
