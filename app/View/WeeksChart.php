<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Air;
use App\Models\Kept\SaidCast;
use App\Models\Kept\ShutWindow;
use App\Models\Piece;
use App\Models\StepState;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Drawing\WeekRow;
use HonestGrain\Drawing\WeekSheet;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** All pieces in work over the coming days, as a drawing and as a table: by piece, by person or by air. */
final readonly class WeeksChart
{
    public const PER_PAGE = 60;

    /** With more rows names and dates share a line. */
    private const DENSE_ABOVE = 14;

    private const MOST_PAGES = 12;

    /** So many late pieces say why at once; the others when they are chosen. */
    private const TOLD = 6;

    private const WORTH_DRAWING_SECONDS = 1200;

    private const SEEN_SECONDS = 3600;

    private const NAME = 23;

    private const DENSE_NAME = 17;

    /** A piece that is less likely in time is said to be. */
    private const LIKELY = 0.8;

    /** @param  list<array{piece: Piece, next: array{title: Said, at: Carbon}|null}>  $rows */
    private function __construct(
        public string $drawing,
        public array $rows,
        public int $found,
        public int $total,
        public int $lateCount,
        public int $unplanned,
        public WeeksAsked $asked,
    ) {
    }

    public static function of(Workshop $workshop, Show $show, WeeksAsked $asked): self
    {
        $query = $workshop->pieces()->working()
            ->when($asked->find !== '', fn (Builder $q) => $q->where(fn (Builder $q) => $q
                ->whereLike('name', "%$asked->find%")->orWhereLike('wood', "%$asked->find%")))
            ->when($asked->isLateOnly, fn (Builder $q) => $q->whereNotNull('late'));
        $found = (clone $query)->count();
        $pieces = $query->orderByRaw('isnull(late)')->orderByRaw('isnull(due_at)')->orderBy('due_at')->orderBy('id')
            ->forPage($asked->page + 1, self::PER_PAGE)
            ->get(['id', 'workshop_id', 'name', 'wood', 'due_at', 'ready_at', 'late', 'chance', 'state', 'air_id']);
        $steps = self::steps($workshop, $asked->by === 'piece' ? array_values($pieces->modelKeys()) : null,
            $asked->until($show)->utc());
        $isDense = $asked->by === 'piece' && $pieces->count() > self::DENSE_ABOVE;
        $sheet = new WeekSheet((int) $asked->from($show)->timestamp, (int) $asked->until($show)->timestamp, $isDense);
        self::days($sheet, $workshop, $show, $asked, $found === $pieces->count() && $asked->isOfAll() ? $steps : null);
        $rows = [];
        foreach ($pieces as $piece) {
            [$row, $next] = self::row(
                $piece, $steps->get($piece->id, collect())->all(), $show, $asked, $isDense,
            );
            $rows[] = ['piece' => $piece, 'next' => $next];
            if ($asked->by === 'piece') {
                $sheet->add($row);
            }
        }
        match ($asked->by) {
            'person' => self::people($sheet, $workshop, $steps, $show, $asked),
            'air' => self::airs($sheet, $workshop, $steps, $asked),
            default => null,
        };
        $all = $workshop->pieces()->working()->toBase()
            ->selectRaw('count(*) pieces')->selectRaw('count(late) late')->selectRaw('count(ready_at) planned')
            ->first();

        return new self(
            $sheet->svg((int) now()->timestamp), $rows, $found, (int) $all?->pieces, (int) $all?->late,
            (int) $all?->pieces - (int) $all?->planned, $asked,
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
        return range(1, max(1, min(self::MOST_PAGES, (int) ceil($this->found / self::PER_PAGE))));
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
        return $number === $this->asked->page + 1;
    }

    /** @return list<Piece> those on this page that will be late, as far as they are told at length */
    public function late(): array
    {
        return array_slice(array_values(array_filter(
            array_column($this->rows, 'piece'), fn (Piece $piece): bool => $piece->late !== null,
        )), 0, self::TOLD);
    }

    /** "2 days late", "3 days to spare", "in time 6 times in 10". */
    public static function says(Piece $piece, Show $show): string
    {
        $spare = $piece->due_at === null || $piece->ready_at === null
            ? null : $piece->ready_at->diffInHours($piece->due_at);

        return match (true) {
            $piece->late !== null => say('view.weeks-chart.late', ['hours' => $show->about($piece->late->hours)]),
            $piece->ready_at === null => say('view.weeks-chart.not-planned'),
            $piece->chance !== null && $piece->chance < self::LIKELY => say('view.weeks-chart.chance', [
                'times' => (int) floor(10 * $piece->chance),
            ]),
            $spare !== null => say('view.weeks-chart.to-spare', ['hours' => $show->about($spare)]),
            default => say('view.weeks-chart.ready', ['day' => $show->day($piece->ready_at)]),
        };
    }

    /**
     * The heads of the days, and how full each is.
     *
     * @param  Collection<int|string, Collection<int, \stdClass>>|null  $steps  where they are those of all pieces
     */
    private static function days(
        WeekSheet $sheet,
        Workshop $workshop,
        Show $show,
        WeeksAsked $asked,
        ?Collection $steps,
    ): void {
        $offset = now($workshop->time_zone)->offset;
        $planned = [];
        $steps ??= self::steps($workshop, null, $asked->until($show)->utc());
        foreach ($steps as $ofPiece) {
            foreach ($ofPiece as $step) {
                $day = gmdate('Y-m-d', (int) $step->start + $offset);
                $planned[$day] = ($planned[$day] ?? 0.0) + $step->minutes / 60;
            }
        }
        $hours = $workshop->workers->isEmpty() ? [$workshop->workingHours()]
            : $workshop->workers->map(fn (Worker $one): WorkingHours => $one->person($workshop)->hours)->all();
        $open = [];
        for ($n = 0; $n < $asked->days; $n++) {
            $date = $asked->from($show)->addDays($n)->toDateString();
            $open[$date] = array_sum(array_map(fn (WorkingHours $one): float => $one->secondsOn($date), $hours)) / 3600;
        }
        $size = $asked->days > 28 ? 9.5 : ($asked->days > 20 ? 11.5 : 13);
        foreach (array_keys($open) as $n => $date) {
            $day = $asked->from($show)->addDays($n);
            $sheet->day(
                (int) $day->timestamp,
                $show->dated($day, $asked->days > 14 && ! ($asked->days < 28 && $day->isMonday()) ? 'j' : 'D j'),
                $n === 0 || $day->day === 1 ? $show->dated($day, 'F') : '', $day->isWeekend(), $size,
            );
        }
        $sheet->loads(say('view.weeks-chart.hours-of-hands'));
        foreach ($open as $date => $there) {
            $work = (float) ($planned[$date] ?? 0);
            $sheet->load((int) Carbon::parse($date, $show->timeZone)->timestamp, $work, $there, max([1, ...$open]), [
                'href' => $asked->address(day: $date === $asked->day ? null : $date, piece: null),
                'chosen' => $date === $asked->day,
                'says' => say('view.weeks-chart.day-load', [
                    'day' => Quantity::day($date), 'hours' => Quantity::hours(round($work, 1)),
                    'open' => Quantity::hours(round($there, 1)),
                ]),
            ]);
        }
    }

    /**
     * Hundreds of steps, of which only the times are drawn: plain rows, with seconds in place of dates.
     *
     * @param  list<int>|null  $pieces  null: all
     * @return Collection<int|string, Collection<int, \stdClass>> by piece, each with its title read
     */
    private static function steps(Workshop $workshop, ?array $pieces, Carbon $before): Collection
    {
        $titles = [];

        return $workshop->plannedSteps()->when($pieces !== null, fn ($q) => $q->whereIn('piece_id', $pieces ?? []))
            ->where('state', StepState::Open)
            ->whereNotNull('start_at')->where('start_at', '<', $before)->orderBy('start_at')->toBase()
            ->get([
                'piece_id', 'title', 'minutes', 'who', DB::raw('unix_timestamp(start_at) as start'),
                DB::raw('unix_timestamp(end_at) as end'), DB::raw('unix_timestamp(waits_from) as waits_from'),
            ])->each(function (\stdClass $step) use (&$titles): void {
                // Many steps share a title, which is worded once for all of them.
                $step->title = $titles[$step->title] ??= SaidCast::read((string) $step->title);
            })->groupBy('piece_id');
    }

    /**
     * @param  array<int, \stdClass>  $steps
     * @return array{WeekRow, array{title: Said, at: Carbon}|null}
     */
    private static function row(Piece $piece, array $steps, Show $show, WeeksAsked $asked, bool $isDense): array
    {
        $hands = [];
        $next = null;
        foreach ($steps as $step) {
            if ($step->minutes > 0) {
                $hands[] = [(int) $step->start, (int) $step->end, $isDense ? '' : $show->said($step->title)];
                $next ??= ['title' => $step->title, 'at' => Carbon::createFromTimestamp((int) $step->start)];
            }
        }

        return [new WeekRow(
            label: [
                'name' => Str::limit($piece->name, $isDense ? self::DENSE_NAME : self::NAME),
                'says' => self::says($piece, $show),
                'href' => $asked->address(piece: $piece->id === $asked->piece ? null : $piece->id, day: null),
            ],
            waits: self::waits($piece, $steps, (int) $asked->until($show)->timestamp), hands: $hands,
            ready: $piece->ready_at?->getTimestamp(), due: $piece->due_at?->getTimestamp(),
            handle: $piece->due_at === null ? null : ['id' => $piece->id, 'says' => say('view.weeks-chart.due', [
                'piece' => $piece->name, 'day' => $show->dayTime($piece->due_at),
            ])],
            marked: ['late' => $piece->late !== null, 'chosen' => $piece->id === $asked->piece],
        ), $next];
    }

    /**
     * @param  array<int, \stdClass>  $steps
     * @return list<array{int, int}> from and until
     */
    private static function waits(Piece $piece, array $steps, int $last): array
    {
        $waits = [];
        $before = null;
        foreach ($steps as $step) {
            $from = $before ?? ($step->waits_from === null ? null : (int) $step->waits_from);
            if ($from !== null && (int) $step->start - $from > self::WORTH_DRAWING_SECONDS) {
                $waits[] = [$from, (int) $step->start];
            }
            $before = (int) $step->end;
        }
        $ready = $piece->ready_at?->getTimestamp();
        if ($before !== null && $ready !== null && $ready > $last) {
            $waits[] = [$before, $last];
        }

        return $waits;
    }

    /** @param  Collection<int|string, Collection<int, \stdClass>>  $steps */
    private static function people(
        WeekSheet $sheet,
        Workshop $workshop,
        Collection $steps,
        Show $show,
        WeeksAsked $asked,
    ): void {
        $workers = $workshop->workers;
        $names = $workers->isEmpty()
            ? ['' => say('view.weeks-chart.your-hands')] : $workers->pluck('name', 'id')->all();
        foreach ($names as $id => $name) {
            $hands = [];
            $minutes = 0.0;
            foreach ($steps->flatten(1) as $step) {
                $isTheirs = $id === '' || in_array((string) $id, explode(',', (string) $step->who), true);
                if ($step->minutes > 0 && $isTheirs) {
                    $hands[] = [(int) $step->start, (int) $step->end, $show->said($step->title)];
                    $minutes += $step->minutes;
                }
            }
            $sheet->add(new WeekRow([
                'name' => Str::limit((string) $name, self::NAME),
                'says' => say('view.weeks-chart.hours-planned', ['hours' => $show->hours($minutes / 60)]),
                'href' => route('bench', $id === '' ? [] : ['hands' => $id]),
            ], hands: $hands));
        }
    }

    /** @param  Collection<int|string, Collection<int, \stdClass>>  $steps */
    private static function airs(WeekSheet $sheet, Workshop $workshop, Collection $steps, WeeksAsked $asked): void
    {
        $pieces = $workshop->pieces()->working()->get(['id', 'workshop_id', 'air_id', 'ready_at']);
        $usual = $workshop->dries_apart ? $workshop->airs->firstWhere('kind', Air::CUPBOARD) : null;
        $usual ??= $workshop->airs->firstWhere('kind', Air::SHOP);
        $byAir = [];
        foreach ($pieces as $piece) {
            $waits = self::waits($piece, $steps->get($piece->id, collect())->all(), PHP_INT_MAX);
            $byAir[$piece->air_id ?? $usual?->id] = [...$byAir[$piece->air_id ?? $usual?->id] ?? [], ...$waits];
        }
        foreach ($workshop->airs as $air) {
            $levels = self::levels($byAir[$air->id] ?? []);
            $most = max([1, ...array_column($levels, 2)]);
            $sheet->add(new WeekRow([
                'name' => Str::limit($air->name, self::NAME),
                'says' => $levels === [] ? say('view.weeks-chart.nothing-dries')
                    : say('view.weeks-chart.most-at-once', ['most' => $most]),
                'href' => route('climate', ['air' => $air->id]),
            ], levels: array_map(fn (array $one): array => [$one[0], $one[1], $one[2] / $most], $levels)));
        }
    }

    /**
     * How many of these stretches there are at once.
     *
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int, int}> from, until and how many
     */
    private static function levels(array $stretches): array
    {
        $steps = [];
        foreach ($stretches as [$from, $to]) {
            $steps[$from] = ($steps[$from] ?? 0) + 1;
            $steps[$to] = ($steps[$to] ?? 0) - 1;
        }
        ksort($steps);
        $levels = [];
        $level = 0;
        $since = 0;
        foreach ($steps as $at => $by) {
            // What changes within the hour cannot be seen.
            if ($level > 0 && $at - $since >= self::SEEN_SECONDS) {
                $levels[] = [$since, $at, $level];
            }
            [$level, $since] = [$level + $by, $at - $since < self::SEEN_SECONDS && $level > 0 ? $since : $at];
        }

        return $levels;
    }
}
