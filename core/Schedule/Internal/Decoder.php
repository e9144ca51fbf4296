<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Turns a list of pieces with repetition, each time meaning the next task of that piece, into times: every task at its
 * earliest among what stands before it in the list.
 *
 * Where a window would close before its task can start, or what is held is taken meanwhile, the earlier task of the
 * piece is moved later by what is missing, and what follows it in the piece is placed again. What other pieces have is
 * never touched, so a list begins anew anywhere from a way back that was kept on the last run.
 *
 * @internal
 */
final class Decoder
{
    /** So much worse is one more broken window than any lateness, weighted seconds. */
    public const WINDOW = 1e12;

    private const PULLS = 3;

    /** After so many moves for one task its block goes behind all that is booked, where nothing is in its way. */
    private const MOVES = 120;

    /** Behind everything no window is missed but one that cannot be kept; after so many tries all is taken as it is. */
    private const JUMPS = 3;

    private const MOVES_ALONE = 5000;

    private const WAYS_BACK = 24;

    /** Behind all lists. */
    private const NOWHERE = 1 << 40;

    /** @var array<int, int> task => second (UTC) at which it starts; -1 while it is not placed */
    public array $start;

    /** @var array<int, int> task => second (UTC) at which it ends */
    public array $end;

    /** @var array<int, int> task => which of its crews does it */
    public array $crew;

    /** @var array<int, true> tasks that start after a window of theirs has closed */
    public array $broken = [];

    /** Weighted seconds by which pieces will at least be late, as far as the list is placed. */
    public float $late = 0.0;

    /** Whether what is mounted is placed in one go; else task by task, as it stands in a list. */
    public bool $inRuns = true;

    /** Tasks placed since the beginning: what a search is counted by. */
    public int $looks = 0;

    public readonly Timetable $timetable;

    private readonly Openings $openings;

    private readonly Bookings $bookings;

    /** @var array<int, true> windows that are not kept, by the number of the later task */
    private array $givenUp = [];

    /** @var array<int, int> pinned tasks for which all that they need is kept, with who does them */
    private array $reserved = [];

    /** @var array<int, list<array{int, int, int, int}>> pinned task => what it holds: resource, quantity, from, to */
    private array $reservedHolds = [];

    /** @var array<int, true> those of them whose time another task has, while their piece is placed again */
    private array $taken = [];

    /** @var array<int, int> task => a start that a later one has asked of it */
    private array $pushed;

    /** @var array<int, int> piece => its next task */
    private array $next;

    /** @var array<int, int> piece => so many of its next places in the list are served already */
    private array $skip;

    /** How many more tasks are placed in one go with the last one. */
    private int $left = 0;

    /** @var array<int, float> piece => weighted seconds by which it will at least be late */
    private array $bound;

    private int $lastEnd = 0;

    /** Earlier tasks of a piece that is placed again stay where they are, and whether that could not be. */
    private int $still = 0;

    private bool $isOverrun = false;

    /** Whether a piece is being placed again: then of what its pinned tasks hold nothing is kept beforehand. */
    private bool $isAgain = false;

    private int $stride = 1;

    /** @var list<State> ways back along the list that others are run against */
    private array $kept = [];

    /** @var list<int> what was run last */
    private array $ran = [];

    /** From which of the ways back that began. */
    private int $ranFrom = 0;

    /**
     * @param  list<float>|null  $least  piece => weighted seconds by which it is late even alone in the shop
     * @param  Drift|null  $drift  for a piece alone: which of its windows can never be kept
     * @param  array<int, true>  $loose  pinned tasks for which nothing is kept free, since they cannot be then
     */
    public function __construct(
        private readonly Workload $work,
        private readonly WaitTimes $waits,
        ?array $least = null,
        private readonly ?Drift $drift = null,
        private readonly array $loose = [],
    ) {
        $count = count($work->tasks);
        $this->timetable = new Timetable($work->capacity, $work->gates, $work->grid);
        $this->openings = new Openings($work, $this->timetable);
        $this->bookings = new Bookings($work, $waits, $this->timetable);
        $this->start = $this->end = $count === 0 ? [] : array_fill(0, $count, -1);
        $this->crew = $this->pushed = $count === 0 ? [] : array_fill(0, $count, 0);
        $this->next = array_slice($work->first, 0, $work->pieces());
        $this->skip = array_map(fn (): int => 0, $this->next);
        $this->bound = $least ?? array_map(fn (): float => 0.0, $this->next);
        $this->late = array_sum($this->bound);
        foreach (array_diff_key($work->pinned(), $this->loose) as $t => $at) {
            $this->reserve($t, $at);
        }
        foreach (array_keys($this->reserved) as $t) {
            $this->reserveHolds($t);
        }
    }

    /** An empty shop in which what is pinned is kept as a plan has it: what could not be then is kept for nobody. */
    public static function keeping(self $plan): self
    {
        $pins = $plan->work->pinAt;
        $decoder = new self($plan->work, $plan->waits, loose: array_fill_keys(array_keys($pins), true));
        foreach ($pins as $t => $at) {
            if ($plan->start[$t] === $at) {
                $decoder->reserved[$t] = $plan->crew[$t];
                $decoder->bookings->needs($t, $at, $plan->crew[$t], 1);
            }
        }

        return $decoder;
    }

    /** @param  array<int, true>  $givenUp  tasks whose windows are not to be kept */
    public function giveUp(array $givenUp): void
    {
        $this->givenUp = $givenUp;
        $this->kept = array_slice($this->kept, 0, 1);
    }

    /**
     * Places a list, from its first place that differs from the list that was kept.
     *
     * @param  list<int>  $list  pieces
     * @param  float  $limit  it stops as soon as it is sure to cost more
     * @param  int  $same  from this place on the list is the kept one again
     * @param  float  $worse  from there on it also stops where it is behind the kept one by more than this
     * @return bool whether all of it stands and costs no more
     */
    public function run(
        array $list,
        int $from = 0,
        float $limit = INF,
        int $same = self::NOWHERE,
        float $worse = INF,
    ): bool {
        $count = count($list);
        if ($this->kept === []) {
            $this->kept = [$this->state()];
            $this->stride = max(1, intdiv(count($this->work->tasks), self::WAYS_BACK));
        }
        $n = min(intdiv($from, $this->stride), count($this->kept) - 1);
        $this->back($this->kept[$n]);
        [$this->ran, $this->ranFrom] = [$list, $n];
        $i = $n * $this->stride;
        // Before that place there is nothing to hold it against.
        $to = max($i + $this->stride, intdiv($same + $this->stride - 1, $this->stride) * $this->stride);
        for (; $i < $count; $i = $to, $to += $this->stride) {
            if (! $this->placeEach($list, $i, min($to, $count), $limit)) {
                return false;
            }
            $kept = $to < $count ? $this->kept[intdiv($to, $this->stride)] : null;
            if ($kept !== null && ($this->sum() - $kept->sum() > $worse || $this->start === $kept->marks[0])) {
                return false;
            }
        }

        return true;
    }

    /** The first second from which the next task of a piece may start by its own waits; null where none is left. */
    public function ready(int $piece): ?int
    {
        $t = $this->next[$piece];

        return $t === $this->work->first[$piece + 1] ? null : $this->opens($t);
    }

    /** The first second from which a task may start as far as its own waits go. */
    public function opens(int $t): int
    {
        $from = $this->work->notBefore[$t];
        foreach ($this->work->before[$t] as [$earlier, $least, , $wait]) {
            $ready = $wait < 0 ? $this->end[$earlier] + $least : $this->waits->opens($wait, $this->end[$earlier]);
            $from = $ready > $from ? $ready : $from;
        }

        return $from;
    }

    /**
     * When each task has its turn: what is held until it starts is best put next to what it is held from.
     *
     * @return array<int, int> task => second (UTC)
     */
    public function turns(): array
    {
        $turns = $this->start;
        foreach ($this->work->heldFor as $t => $held) {
            $holder = $held === [] ? $t : $held[0][0];
            for ($i = $holder + 1; $i <= $t; $i++) {
                $turns[$i] = min($turns[$i], $turns[$holder] + 1);
            }
        }

        return $turns;
    }

    public function pieceOf(int $task): int
    {
        return $this->work->pieceOf[$task];
    }

    /** When the last task of a piece that was placed ends, second (UTC). */
    public function lastEndOf(int $piece): int
    {
        $first = $this->work->first[$piece];
        $placed = array_slice($this->end, $first, $this->next[$piece] - $first);

        return $placed === [] ? $this->work->problem->start : max($placed);
    }

    /** What the tasks placed so far make of windows and lateness, weighted seconds. */
    private function sum(): float
    {
        return $this->late + self::WINDOW * count($this->broken);
    }

    /** The list that was just run is the one that others are run against. */
    public function keep(): void
    {
        $count = count($this->ran);
        $this->kept = array_slice($this->kept, 0, $this->ranFrom + 1);
        $this->back($this->kept[$this->ranFrom]);
        for ($i = $this->ranFrom * $this->stride; $i < $count; $i += $this->stride) {
            $this->placeEach($this->ran, $i, min($i + $this->stride, $count), INF);
            if ($i + $this->stride < $count) {
                $this->kept[] = $this->state();
            }
        }
    }

    /**
     * Places the next tasks of the pieces in one stretch of a list.
     *
     * @param  list<int>  $list
     * @return bool whether that costs no more than the limit
     */
    private function placeEach(array $list, int $from, int $to, float $limit): bool
    {
        $limit -= self::WINDOW * count($this->broken);
        $this->left = 0;
        for ($i = $from; $i < $to; $i++) {
            $i = $this->placeSimple($list, $i, $to, $limit);
            if ($i < $to && $this->late <= $limit) {
                $broken = count($this->broken);
                $this->place($list[$i]);
                $limit += self::WINDOW * ($broken - count($this->broken));
                if (--$this->left > 0) {
                    $i--;
                }
            }
            if ($this->late > $limit) {
                return false;
            }
        }

        return true;
    }

    /**
     * Places tasks as long as each takes nothing but what is free, within its windows, and nothing has to move for it.
     *
     * This is where a search spends its time. So all that it goes through stands in flat rows of its own meanwhile:
     * with those PHP is several times as quick as with the rows of an object, or with a call for each task.
     *
     * @param  list<int>  $list
     * @return int the first place of the list that is not placed so
     */
    private function placeSimple(array $list, int $i, int $to, float $limit): int
    {
        $work = $this->work;
        $table = $this->timetable;
        $grid = $work->grid;
        $next = $this->next;
        $start = $this->start;
        $end = $this->end;
        $crew = $this->crew;
        $bound = $this->bound;
        [$free, $until, $then, $gaps] = $table->left();
        // A row that two have is copied at its first change.
        $this->next = $this->start = $this->end = $this->crew = $this->bound = [];
        $table->put([], [], [], []);
        $opensAt = $grid->opens;
        $closesAt = $grid->closes;
        $node = $grid->node;
        $slots = $grid->slots;
        $origin = $grid->start;
        $length = $grid->length;
        $firstCrew = $work->firstCrew;
        $slotOf = $work->slotOf;
        $seconds = $work->seconds;
        $isSimple = $work->isSimple;
        $isInstant = $work->isInstant;
        $holds = $work->holds;
        $only = $work->only;
        $lag = $work->lag;
        $most = $work->most;
        $notBefore = $work->notBefore;
        $tail = $work->tail;
        $due = $work->due;
        $weight = $work->weight;
        $notAfter = $work->notAfter;
        $pushed = $this->pushed;
        $late = $this->late;
        $lastEnd = $this->lastEnd;
        $looks = $this->looks;
        $others = $work->others;
        $isCounted = $work->isCounted;
        $skip = $this->skip;
        $left = $this->left;
        $run = $work->run;
        $hasRuns = $work->hasRuns && $this->inRuns;
        for (; $i < $to && $late <= $limit; $i++) {
            $piece = $list[$i];
            $t = $next[$piece];
            if ($hasRuns && $left <= 0) {
                if ($skip[$piece] > 0) {
                    $skip[$piece]--;

                    continue;
                }
                $left = $run[$t];
                if ($left > 1) {
                    $skip[$piece] += $left - 1;
                }
            }
            if (! $isSimple[$t]) {
                break;
            }
            $opens = $pushed[$t] > $notBefore[$t] ? $pushed[$t] : $notBefore[$t];
            $last = $notAfter[$t];
            $earlier = $only[$t];
            if ($earlier >= 0) {
                $ended = $end[$earlier];
                $ready = $ended + $lag[$t];
                $opens = $ready > $opens ? $ready : $opens;
                $closes = $ended + $most[$t];
                $last = $closes < $last ? $closes : $last;
            } elseif ($earlier < -1) {
                [$opens, $last] = $this->within($t, $end, $opens, $last);
            }
            $takes = $seconds[$t];
            $begins = $place = -1;
            $who = $firstCrew[$t];
            if ($isInstant[$t]) {
                $begins = $opens <= $last ? $opens : -1;
            } else {
                $slot = ($opens - $origin) >> Grid::SLOT_BITS;
                for ($c = $slot < $length ? $who : PHP_INT_MAX; $c < $firstCrew[$t + 1] && $begins !== $opens; $c++) {
                    $from = $opens;
                    for ($k = $slots[$slotOf[$c] + $slot]; true; $k++) {
                        if ($gaps[$k] < $takes || $closesAt[$k] <= $from) {
                            continue;
                        }
                        $n = $node[$k];
                        if ($n < 0) {
                            // Further ahead than the rows go.
                            $begins = -1;

                            break 2;
                        }
                        $at = $first = $opensAt[$k] > $from ? $opensAt[$k] : $from;
                        if ($at > $last) {
                            break;
                        }
                        $ends = $closesAt[$k];
                        $longest = 0;
                        do {
                            $at = $free[$n] > $first ? $free[$n] : $first;
                            $room = ($until[$n] < $ends ? $until[$n] : $ends) - $at;
                            if ($room >= $takes) {
                                break;
                            }
                            $longest = $room > $longest ? $room : $longest;
                            $n = $then[$n];
                        } while ($n >= 0);
                        if ($n < 0) {
                            if ($isCounted[$c] && $from <= $opensAt[$k]) {
                                $gaps[$k] = $longest;
                            }

                            continue;
                        }
                        if ($others[$c] > 0) {
                            if ($others[$c] > 1) {
                                $table->put($free, $until, $then, $gaps);
                            }
                            $from = $table->freeOfOthers($work->allCrews[$c], $at, $takes);
                            if ($others[$c] > 1) {
                                [$free, $until, $then, $gaps] = $table->left();
                                $table->put([], [], [], []);
                            }
                            if ($from !== $at) {
                                $k--;

                                continue;
                            }
                        }
                        if ($at <= $last) {
                            $begins = $at;
                            $place = $n;
                            $who = $c;
                            $last = $at - 1;
                        }

                        break;
                    }
                }
            }
            $ended = $begins + $takes;
            if ($begins < 0 || $holds[$t] && ! $this->bookings->canBegin($t, $begins, $ended, $end)) {
                break;
            }
            if ($place >= 0) {
                if ($begins === $free[$place]) {
                    $free[$place] = $ended;
                } elseif ($ended === $until[$place]) {
                    $until[$place] = $begins;
                } else {
                    $then[] = $then[$place];
                    $then[$place] = count($free);
                    $free[] = $ended;
                    $until[] = $until[$place];
                    $until[$place] = $begins;
                }
                if ($others[$who] > 0) {
                    if ($others[$who] > 1) {
                        $table->put($free, $until, $then, $gaps);
                        $free = $until = $then = $gaps = [];
                    }
                    $table->bookOthers($work->allCrews[$who], $begins, $ended);
                    if ($others[$who] > 1) {
                        [$free, $until, $then, $gaps] = $table->left();
                        $table->put([], [], [], []);
                    }
                }
            }
            if ($holds[$t]) {
                $this->lastEnd = max($this->lastEnd, $this->bookings->hold($t, $begins, $ended, 1, $end));
            }
            $looks++;
            $start[$t] = $begins;
            $end[$t] = $ended;
            $next[$piece] = $t + 1;
            if ($crew[$t] !== $who - $firstCrew[$t]) {
                $crew[$t] = $who - $firstCrew[$t];
            }
            $lastEnd = $ended > $lastEnd ? $ended : $lastEnd;
            $behind = ($ended + $tail[$t] - $due[$piece]) * $weight[$piece];
            if ($behind > $bound[$piece]) {
                $late += $behind - $bound[$piece];
                $bound[$piece] = $behind;
            }
            if ($hasRuns && --$left > 0) {
                $i--;
            }
        }
        $this->skip = $skip;
        $this->left = $left;
        $this->next = $next;
        $this->start = $start;
        $this->end = $end;
        $this->crew = $crew;
        $this->bound = $bound;
        $table->put($free, $until, $then, $gaps);
        [$this->late, $this->lastEnd, $this->looks] = [$late, max($this->lastEnd, $lastEnd), $looks];

        return $i;
    }

    /**
     * From when to when a task may start by what is before it.
     *
     * @param  array<int, int>  $end  by task
     * @return array{int, int} seconds (UTC)
     */
    private function within(int $t, array $end, int $opens, int $closes): array
    {
        foreach ($this->work->before[$t] as [$earlier, $least, $most, $wait]) {
            $ended = $end[$earlier];
            $ready = $wait < 0 ? $ended + $least : $this->waits->opens($wait, $ended);
            $opens = $ready > $opens ? $ready : $opens;
            if ($most >= 0) {
                $until = $wait < 0 ? $ended + $most : $this->waits->closes($wait, $ended);
                $closes = $until < $closes ? $until : $closes;
            }
        }

        return [$opens, $closes];
    }

    /** Places the next task of a piece. */
    public function place(int $piece): void
    {
        $work = $this->work;
        $target = $t = $this->next[$piece];
        $moves = $jumps = 0;
        $pulled = [];
        if (isset($this->reserved[$t]) && ! isset($this->taken[$t])) {
            $this->release($t);
        }
        while ($t <= $target) {
            $this->looks++;
            $from = max($this->opens($t), $this->pushed[$t]);
            [$start, $end, $crew] = (isset($this->reserved[$t]) ? $this->pinned($t, $from) : null)
                ?? $this->withAhead($t, $from);
            if (! $work->isPlain[$t] && $jumps <= self::JUMPS) {
                $asked = $this->asked($t, $start, $end, $pulled, $jumps === self::JUMPS);
                if ($asked !== null) {
                    [$back, $until] = $asked;
                    if (++$moves > ($this->drift === null ? self::MOVES : self::MOVES_ALONE)) {
                        [$back, $until, $moves] = [$work->anchor[$t], $this->lastEnd, 0];
                        $jumps++;
                    }
                    $this->unplace($back, $t);
                    $this->pushed[$back] = max($this->pushed[$back], $until);
                    $t = $back;

                    continue;
                }
            }
            $this->book($t, $start, $end, $crew, 1);
            $this->note($piece, $t);
            $t++;
        }
        $this->next[$piece] = $t;
    }

    /**
     * Where also what a task will have from its end on is free for the least time that this takes.
     *
     * @return array{int, int, int} start, end and crew
     */
    private function withAhead(int $t, int $from): array
    {
        do {
            [$start, $end, $crew] = $this->openings->earliest($t, $from);
            $from = $start;
            foreach ($this->work->ahead[$t] as [$resource, $quantity, $seconds]) {
                $from = max($from, $start + $this->timetable->freeFor($resource, $quantity, $end, $seconds) - $end);
            }
        } while ($from !== $start);

        return [$start, $end, $crew];
    }

    /** What only was planned binds no longer, and is no window that may be missed. */
    public function letGo(): void
    {
        $this->work->letGo();
        $this->reserved = array_intersect_key($this->reserved, $this->work->pinAt);
        foreach (array_keys($this->broken) as $t) {
            unset($this->broken[$t]);
            $this->note($this->work->pieceOf[$t], $t);
        }
    }

    /**
     * Takes the tasks of a piece from one on off again and places them anew, that one not before a second; what comes
     * before it stays.
     *
     * @return bool whether what those before it hold can be held for so long
     */
    public function again(int $t, int $notBefore): bool
    {
        [$this->still, $this->isOverrun, $this->isAgain] = [$t, false, true];
        $piece = $this->work->pieceOf[$t];
        [, $end] = $this->work->range($piece);
        $this->unplace($t, $end);
        for ($i = $t; $i < $end; $i++) {
            $this->pushed[$i] = 0;
            if (isset($this->reserved[$i])) {
                if ($this->openings->isFree($i, $this->work->pinAt[$i], $this->reserved[$i])) {
                    $this->bookings->needs($i, $this->work->pinAt[$i], $this->reserved[$i], 1);
                } else {
                    $this->taken[$i] = true;
                }
            }
        }
        $this->pushed[$t] = $notBefore;
        for ($this->next[$piece] = $t; $this->next[$piece] < $end;) {
            $this->place($piece);
        }
        [$this->still, $this->isAgain] = [0, false];
        $this->taken = [];

        return ! $this->isOverrun;
    }

    /**
     * Puts tasks that stand to other times, with the same hands, where nothing else has to move for that.
     *
     * @param  array<int, int>  $starts  task => second (UTC)
     * @return bool whether they can stand there; else all stands as it did
     */
    public function move(array $starts): bool
    {
        $was = $held = $waiting = [];
        foreach ($starts as $t => $_) {
            $was[$t] = $this->start[$t];
            $held[$t] = $waiting[$t] = $t;
            for ($later = $t + 1, $next = $this->work->first[$this->work->pieceOf[$t] + 1]; $later < $next; $later++) {
                if (in_array($t, array_column($this->work->heldFor[$later], 0), true)) {
                    $held[$later] = $later;
                }
                if (in_array($t, array_column($this->work->before[$later], 0), true)) {
                    $waiting[$later] = $later;
                }
            }
        }
        $this->takeOff(array_keys($starts), $held);
        if ($this->canStand($starts, $held)) {
            if (array_filter($waiting, $this->isInTime(...)) === $waiting) {
                return true;
            }
            $this->takeOff(array_keys($starts), $held);
        }
        foreach ($was as $t => $start) {
            [$this->start[$t], $this->end[$t]] = [$start, $this->bookings->endOf($t, $start, $this->crew[$t])];
            $this->bookings->needs($t, $start, $this->crew[$t], 1);
        }
        foreach ($held as $t) {
            $this->bookings->hold($t, $this->start[$t], $this->end[$t], 1, $this->end);
        }

        return false;
    }

    /**
     * @param  list<int>  $tasks
     * @param  array<int, int>  $held  what something is held for until it starts, or after its end
     */
    private function takeOff(array $tasks, array $held): void
    {
        foreach ($held as $t) {
            $this->bookings->hold($t, $this->start[$t], $this->end[$t], -1, $this->end);
        }
        foreach ($tasks as $t) {
            $this->bookings->needs($t, $this->start[$t], $this->crew[$t], -1);
        }
    }

    /**
     * @param  array<int, int>  $starts  task => second (UTC)
     * @param  array<int, int>  $held
     * @return bool whether all that they need and hold is free, and then it is booked
     */
    private function canStand(array $starts, array $held): bool
    {
        $booked = $holding = [];
        foreach ($starts as $t => $start) {
            [$this->start[$t], $this->end[$t]] = [$start, $this->bookings->endOf($t, $start, $this->crew[$t])];
            if (! $this->openings->isFree($t, $start, $this->crew[$t])) {
                $this->takeOff($booked, $holding);

                return false;
            }
            $this->bookings->needs($t, $start, $this->crew[$t], 1);
            $booked[] = $t;
        }
        foreach ($held as $t) {
            if (! $this->bookings->canHold($t, $this->start[$t], $this->end[$t], $this->end)) {
                $this->takeOff($booked, $holding);

                return false;
            }
            $this->bookings->hold($t, $this->start[$t], $this->end[$t], 1, $this->end);
            $holding[$t] = $t;
        }

        return true;
    }

    /** Whether a task as it stands keeps its waits, and all windows but where one is missed already. */
    private function isInTime(int $t): bool
    {
        $start = $this->start[$t];
        $latest = $this->work->notAfter[$t];
        foreach ($this->work->before[$t] as [$earlier, , $most, $wait]) {
            $latest = min($latest, $this->closes($earlier, $most, $wait));
        }

        return $start >= $this->opens($t) && (isset($this->broken[$t]) || $start <= $latest);
    }

    /** A piece of which nothing is placed yet stands as it does in another decoder of the same work. */
    public function stand(int $piece, self $other): void
    {
        [$first, $end] = $this->work->range($piece);
        $this->givenUp = $other->givenUp;
        for ($t = $first; $t < $end; $t++) {
            if (isset($this->reserved[$t])) {
                $this->release($t);
            }
            $this->book($t, $other->start[$t], $other->end[$t], $other->crew[$t], 1);
            $this->note($piece, $t);
        }
        $this->next[$piece] = $end;
    }

    /** Keeps what a pinned task needs until its turn comes. */
    private function reserve(int $t, int $at): void
    {
        $crews = array_keys($this->work->crews[$t]);
        foreach (array_unique([$this->work->pinBy[$t] ?? 0, ...$crews]) as $crew) {
            if ($this->openings->isFree($t, $at, $crew)) {
                $this->reserved[$t] = $crew;
                $this->bookings->needs($t, $at, $crew, 1);

                return;
            }
        }
    }

    /** Keeps what a pinned task holds, after its end and since another pinned one; else it cannot be then. */
    private function reserveHolds(int $t): void
    {
        $start = $this->work->pinAt[$t];
        $end = $this->bookings->endOf($t, $start, $this->reserved[$t]);
        $holds = [];
        foreach ($this->work->heldFor[$t] as [$holder, $resource, $quantity]) {
            if (isset($this->reserved[$holder])) {
                $from = $this->bookings->endOf($holder, $this->work->pinAt[$holder], $this->reserved[$holder]);
                $holds[] = [$resource, $quantity, $from, $start];
            }
        }
        foreach ($this->work->holdsAfter[$t] as [$resource, $quantity, $wait]) {
            $holds[] = [$resource, $quantity, $end, $this->waits->opens($wait, $end)];
        }
        foreach ($holds as $n => [$resource, $quantity, $from, $until]) {
            if ($from < $until && $this->timetable->freeFrom($resource, $quantity, $from, $until) !== $from) {
                $this->reservedHolds[$t] = array_slice($holds, 0, $n);
                $this->release($t);
                unset($this->reserved[$t], $this->reservedHolds[$t]);

                return;
            }
            $this->timetable->book($resource, $quantity, $from, $until);
        }
        $this->reservedHolds[$t] = $holds;
    }

    /** Hands back what is kept for a pinned task. */
    private function release(int $t): void
    {
        $this->bookings->needs($t, $this->work->pinAt[$t], $this->reserved[$t], -1);
        foreach ($this->isAgain ? [] : $this->reservedHolds[$t] ?? [] as [$resource, $quantity, $from, $until]) {
            $this->timetable->book($resource, -$quantity, $from, $until);
        }
    }

    /** @return array{int, int, int}|null start, end and crew where it is pinned and may start then */
    private function pinned(int $t, int $from): ?array
    {
        $at = $this->work->pinAt[$t] ?? -1;
        $crew = $this->reserved[$t] ?? -1;
        if ($crew < 0 || $from > $at || ! $this->openings->isFree($t, $at, $crew)) {
            return null;
        }

        return [$at, $this->bookings->endOf($t, $at, $crew), $crew];
    }

    /** @return list<int> pinned tasks whose needs another pinned one has at the same time */
    public function clashes(): array
    {
        return array_keys(array_diff_key($this->work->pinAt, $this->reserved, $this->loose));
    }

    /**
     * Whether a task of the piece has to start later before this one can start here: which one, and from when.
     *
     * @param  array<int, int>  $pulled  how often each was put off already, so that what it holds stands idle less long
     * @return array{int, int}|null
     */
    private function asked(int $t, int $start, int $end, array &$pulled, bool $onlyHolds): ?array
    {
        $work = $this->work;
        foreach ($work->heldFor[$t] as [$holder, $resource, $quantity, $notIdle, $root]) {
            $from = $this->end[$holder];
            if ($holder < $this->still) {
                $this->isOverrun = $this->isOverrun || $from < $start
                    && $this->timetable->freeFrom($resource, $quantity, $from, $start) !== $from;

                continue;
            }
            if ($from < $start) {
                $free = $this->freeFor($resource, $quantity, $holder, $start);
                if ($free > $from) {
                    // All that has it one after another goes behind who has it now.
                    return $root === $holder || $root < $this->still
                        ? [$holder, max($this->start[$holder] + 1, $this->start[$holder] + $free - $from)]
                        : [$root, max($this->start[$root] + 1, $free)];
                }
            }
            $idle = $start - $from - Bookings::IDLE_SECONDS;
            if ($notIdle && $idle > 0 && ($pulled[$holder] ?? 0) < self::PULLS && ! $onlyHolds
                && ! $this->holdsStill($holder, $t)) {
                $pulled[$holder] = ($pulled[$holder] ?? 0) + 1;

                return [$holder, $this->start[$holder] + $idle];
            }
        }
        foreach ($work->holdsAfter[$t] as [$resource, $quantity, $wait]) {
            $until = $this->waits->opens($wait, $end);
            $free = $until <= $end ? $end : $this->timetable->freeFrom($resource, $quantity, $end, $until);
            if ($free > $end) {
                return [$t, max($start + 1, $start + $free - $end)];
            }
        }
        if ($onlyHolds || isset($this->givenUp[$t])) {
            return null;
        }
        foreach ($work->before[$t] as [$earlier, , $most, $wait]) {
            $closes = $this->closes($earlier, $most, $wait);
            if ($start > $closes && ! $this->holdsStill($earlier, $t)
                && $this->drift?->isForGood($t, $start) !== true) {
                return [$earlier, $this->start[$earlier] + $start - $closes];
            }
        }

        return null;
    }

    /** Whether a task cannot be moved for a later one: it is pinned, or one between them is. */
    private function holdsStill(int $earlier, int $t): bool
    {
        if ($earlier < $this->still) {
            return true;
        }
        for ($i = $earlier; $i < $t && $this->work->pinAt !== []; $i++) {
            if (isset($this->work->pinAt[$i])) {
                return true;
            }
        }

        return false;
    }

    /** From when on what a task holds until another one is free up to the start that this one has found. */
    private function freeFor(int $resource, int $quantity, int $holder, int $start): int
    {
        $free = $this->end[$holder];
        while ($free < $start && ($later = $this->timetable->freeFrom($resource, $quantity, $free, $start)) !== $free) {
            $free = $later;
        }

        return $free;
    }

    /** When a window closes, second (UTC). */
    public function closes(int $earlier, int $most, int $wait): int
    {
        return match (true) {
            $most < 0 => Workload::NEVER,
            $wait < 0 => $this->end[$earlier] + $most,
            default => $this->waits->closes($wait, $this->end[$earlier]),
        };
    }

    private function unplace(int $from, int $to): void
    {
        for ($t = $from; $t < $to; $t++) {
            $this->book($t, $this->start[$t], $this->end[$t], $this->crew[$t], -1);
            unset($this->broken[$t]);
        }
    }

    /** Books a task and all that it holds, or (by less than nothing) hands it back. */
    private function book(int $t, int $start, int $end, int $crew, int $sign): void
    {
        $this->bookings->needs($t, $start, $crew, $sign);
        if (! $this->work->isPlain[$t]) {
            $this->lastEnd = max($this->lastEnd, $this->bookings->hold($t, $start, $end, $sign, $this->end));
        }
        $this->start[$t] = $start;
        $this->end[$t] = $end;
        if ($this->crew[$t] !== $crew) {
            $this->crew[$t] = $crew;
        }
        $this->lastEnd = $end > $this->lastEnd ? $end : $this->lastEnd;
    }

    /** Notes what a task that stands makes of windows and of the piece's date. */
    private function note(int $piece, int $t): void
    {
        $work = $this->work;
        $start = $this->start[$t];
        if ($start > $work->notAfter[$t]) {
            $this->broken[$t] = true;
        } elseif (! $work->isPlain[$t]) {
            foreach ($work->before[$t] as [$earlier, , $most, $wait]) {
                if ($most >= 0 && $start > $this->closes($earlier, $most, $wait)) {
                    $this->broken[$t] = true;
                }
            }
        }
        $behind = ($this->end[$t] + $work->tail[$t] - $work->due[$piece]) * $work->weight[$piece];
        if ($behind > $this->bound[$piece]) {
            $this->late += $behind - $this->bound[$piece];
            $this->bound[$piece] = $behind;
        }
    }

    /** A way back to all as it stands. */
    public function state(): State
    {
        return new State(
            times: $this->timetable->times, levels: $this->timetable->levels,
            left: $this->timetable->left(), far: $this->timetable->far,
            marks: [$this->start, $this->end, $this->crew, $this->pushed, $this->next, $this->skip],
            bound: $this->bound,
            broken: $this->broken,
            sums: [$this->late, $this->lastEnd],
        );
    }

    public function back(State $state): void
    {
        $this->timetable->times = $state->times;
        $this->timetable->levels = $state->levels;
        $this->timetable->put(...$state->left);
        $this->timetable->far = $state->far;
        [$this->start, $this->end, $this->crew, $this->pushed, $this->next, $this->skip] = $state->marks;
        $this->bound = $state->bound;
        $this->broken = $state->broken;
        [$this->late, $this->lastEnd] = $state->sums;
    }
}
