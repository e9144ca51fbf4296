<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\Delay;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Task;

/**
 * Places one piece's tasks, in order, at their earliest. Where a window would close before its task can
 * start, the earlier task is moved later by what is missing and the piece is placed again from there.
 *
 * Every move is the least that helps, so the windows are kept wherever they can be. One that still
 * drifts after a whole empty week cannot be kept: it is given up and reported.
 *
 * @internal
 */
final class PiecePlacer
{
    /** A bound on the work for one piece, whatever its windows; far above what real ones take. */
    private const MOVES = 5000;

    /** Nothing is kept idle for longer than from an evening to the morning after, where it need not be. */
    private const IDLE_SECONDS = 15 * 3600;

    private const PULLS = 3;

    /** @var array<string, int> task => how often it was put off, so that what it keeps stands idle for less long */
    private array $pulled = [];

    /** @var array<string, int> task => earliest start that a later task asks of it */
    private array $pushed = [];

    /**
     * @var array<string, array{int, int, int}> window => number of its later task, first and last start that missed it
     */
    private array $missed = [];

    /** @var list<PlacedTask> */
    private array $placed = [];

    /** @var array<string, int> */
    private array $position = [];

    /** @var list<list<array{string, int, int, int}>> */
    private array $bookings = [];

    /** @var list<BrokenWindow|null> */
    private array $broken = [];

    private readonly int $shopIsEmptyFrom;

    private int $moves = 0;

    private readonly int $looksBefore;

    /**
     * @param  int  $mostLooks  after so many, windows are no longer moved for but reported as they fall
     * @param  array<string, true>  $givenUp  windows that are not to be kept, by "earlier>later"
     */
    public function __construct(
        private readonly Booker $booker,
        private readonly WaitClock $waits,
        private readonly int $start,
        private readonly Job $job,
        private readonly int $mostLooks,
        private array $givenUp = [],
    ) {
        $this->shopIsEmptyFrom = $booker->lastEnd();
        $this->looksBefore = $booker->looks;
    }

    /** How much placing this piece has looked at so far. */
    public function looks(): int
    {
        return $this->booker->looks - $this->looksBefore;
    }

    /**
     * The windows that even an empty shop could not keep.
     *
     * @return array<string, true>
     */
    public static function unkeepable(Booker $emptyShop, WaitClock $waits, int $start, Job $job, int $mostLooks): array
    {
        if (! $job->hasWindows()) {
            return [];
        }
        $alone = new self($emptyShop, $waits, $start, $job, $mostLooks);
        $alone->place();

        return $alone->givenUp;
    }

    /** Everything it has booked, to be handed back. */
    public function takeBack(): void
    {
        $this->unplaceFrom(0);
    }

    /** @return array{list<PlacedTask>, list<BrokenWindow>} */
    public function place(): array
    {
        $count = count($this->job->tasks);
        while (($i = count($this->placed)) < $count) {
            $task = $this->job->tasks[$i];
            [$opens, $after] = $this->opens($task);
            [$runs, $gaveWayTo] = $this->booker->earliest($task, $opens);
            $start = $runs[0][0];
            $end = $runs[count($runs) - 1][1];
            if ($this->pushForHold($task, $start) || $this->pushForKept($task, $start)
                || $this->pushItself($task, $start, $end) || $this->pushForWindow($task, $i, $start)) {
                continue;
            }
            $this->position[$task->id] = $i;
            $previousEnd = $after === null ? null : $this->placed[$this->position[$after]]->end;
            $delay = new Delay($after, $previousEnd === null ? 0 : $opens - $previousEnd, $start - $opens, $gaveWayTo);
            $bookings = $this->booker->book($task->takes->needs, $runs, $this->job->id);
            if ($i > 0) {
                $before = $this->placed[$i - 1];
                $bookings = [
                    ...$bookings,
                    ...$this->booker->book(
                        $before->task->takes->holds, [[$before->end, max($before->end, $start)]], $this->job->id,
                    ),
                ];
            }
            $bookings = [...$bookings, ...$this->bookKept($task, $start, $end)];
            $this->broken[] = $this->brokenWindow($task, $start);
            $this->placed[] = new PlacedTask($this->job->id, $task, $start, $runs[count($runs) - 1][1], $delay);
            $this->bookings[] = $bookings;
        }

        return [$this->placed, array_values(array_filter($this->broken))];
    }

    /** @return array{int, string|null} the earliest second by waits alone, and the task it waits for */
    private function opens(Task $task): array
    {
        $opens = max($this->start, $task->bounds->notBefore ?? 0);
        $binding = null;
        foreach ($task->after as $lag) {
            $ready = $this->waits->opens($lag->wait, $this->placed[$this->position[$lag->task]]->end);
            if ($ready >= $opens) {
                [$opens, $binding] = [$ready, $lag->task];
            }
        }
        if ($this->job->sequential && $this->placed !== []) {
            $opens = max($opens, $this->placed[count($this->placed) - 1]->end);
        }

        return [max($opens, $this->pushed[$task->id] ?? 0), $binding];
    }

    /** Whether the task before had to move because what it holds is taken before this one starts. */
    private function pushForHold(Task $task, int $start): bool
    {
        $last = count($this->placed) - 1;
        if ($last < 0) {
            return false;
        }
        $before = $this->placed[$last];
        // With all looks spent, the first place that takes it as long as it is held now must do.
        $least = $this->isExhausted() ? $start - $before->end : 0;
        foreach ($task->after as $lag) {
            $waits = $lag->task === $before->task->id && $lag->wait->kinetics === null;
            $least = $waits ? max($least, (int) ($lag->wait->minHours * 3600)) : $least;
        }
        $frees = $this->booker->holdClash($before->task->takes->holds, $before->end, $start, $least);
        if ($frees === null) {
            return false;
        }
        $this->push($last, max($before->start + 1, $before->start + $frees - $before->end));

        return true;
    }

    /**
     * Whether a task that keeps something until this one had to move: because it is taken in between, or because it
     * would be kept idle for longer than over a night.
     */
    private function pushForKept(Task $task, int $start): bool
    {
        foreach ($this->keepers($task) as [$index, $hold]) {
            $keeper = $this->placed[$index];
            $least = $this->isExhausted() ? $start - $keeper->end : 0;
            $frees = $this->booker->holdClash([$hold->resource => $hold->quantity], $keeper->end, $start, $least);
            if ($frees !== null) {
                $this->push($index, max($keeper->start + 1, $keeper->start + $frees - $keeper->end));

                return true;
            }
            $idle = $start - $keeper->end - self::IDLE_SECONDS;
            if ($idle > 0 && ($this->pulled[$keeper->task->id] ?? 0) < self::PULLS && ! $this->isExhausted()) {
                $this->pulled[$keeper->task->id] = ($this->pulled[$keeper->task->id] ?? 0) + 1;
                $this->push($index, $keeper->start + $idle);

                return true;
            }
        }

        return false;
    }

    /** Whether the task has to start later, because what it keeps for a while after its end is taken by then. */
    private function pushItself(Task $task, int $start, int $end): bool
    {
        foreach ($task->takes->keeps as $hold) {
            if ($hold->for === null || $this->isExhausted()) {
                continue;
            }
            $until = $this->waits->opens($hold->for, $end);
            $frees = $this->booker->holdClash([$hold->resource => $hold->quantity], $end, $until, $until - $end);
            if ($frees !== null) {
                $this->pushed[$task->id] = max($start + 1, $start + $frees - $end);

                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, Hold}> what is kept until a task starts, and by which of those placed */
    private function keepers(Task $task): array
    {
        $keepers = [];
        foreach ($this->placed as $index => $placed) {
            foreach ($placed->task->takes->keeps as $hold) {
                if ($hold->until === $task->id) {
                    $keepers[] = [$index, $hold];
                }
            }
        }

        return $keepers;
    }

    /** @return list<array{string, int, int, int}> */
    private function bookKept(Task $task, int $start, int $end): array
    {
        $bookings = $this->booker->book(
            $task->takes->heldNow, [[$this->start, max($this->start, $start)]], $this->job->id,
        );
        foreach ($this->keepers($task) as [$index, $hold]) {
            $from = $this->placed[$index]->end;
            $bookings = [...$bookings, ...$this->booker->book(
                [$hold->resource => $hold->quantity], [[$from, max($from, $start)]], $this->job->id,
            )];
        }
        foreach ($task->takes->keeps as $hold) {
            $until = $hold->for === null ? $end : $this->waits->opens($hold->for, $end);
            $bookings = [...$bookings, ...$this->booker->book(
                [$hold->resource => $hold->quantity], [[$end, $until]], $this->job->id,
            )];
        }

        return $bookings;
    }

    private function pushForWindow(Task $task, int $number, int $start): bool
    {
        if ($this->isExhausted()) {
            return false;
        }
        foreach ($task->after as $lag) {
            $earlier = $this->position[$lag->task];
            $closes = $this->waits->closes($lag->wait, $this->placed[$earlier]->end);
            $window = "$lag->task>$task->id";
            if ($closes === null || $start <= $closes || isset($this->givenUp[$window])) {
                continue;
            }
            $this->missed[$window] = [$number, $this->missed[$window][1] ?? $start, $start];
            if ($this->driftsForGood($window)) {
                $this->giveUp($start);
            } else {
                $this->push($earlier, $this->placed[$earlier]->start + $start - $closes);
            }

            return true;
        }

        return false;
    }

    private function isExhausted(): bool
    {
        return $this->looks() > $this->mostLooks;
    }

    private function driftsForGood(string $window): bool
    {
        [$number, $first, $now] = $this->missed[$window];
        if ($this->moves < self::MOVES && $this->booker->isClosedBetween($first, $now)) {
            // A closure is no part of the usual week: the drift is counted afresh from behind it.
            $this->missed[$window] = [$number, $now, $now];
            $this->moves++;

            return false;
        }

        return ++$this->moves > self::MOVES || $this->booker->isMoreThanAWeek(
            max($first, $this->shopIsEmptyFrom), $now,
        );
    }

    /** Of the windows that drift together, the last task's is what moves the others. */
    private function giveUp(int $start): void
    {
        $last = -1;
        $giveUp = '';
        foreach ($this->missed as $window => [$number, , $latest]) {
            if ($number > $last && ! $this->booker->isMoreThanAWeek($latest, $start)) {
                [$last, $giveUp] = [$number, $window];
            }
        }
        $this->givenUp[$giveUp] = true;
        $this->pushed = $this->missed = [];
        $this->unplaceFrom(0);
    }

    private function push(int $index, int $start): void
    {
        $this->pushed[$this->placed[$index]->task->id] = $start;
        $this->unplaceFrom($index);
    }

    private function unplaceFrom(int $index): void
    {
        foreach (array_slice($this->bookings, $index) as $bookings) {
            $this->booker->release($bookings);
        }
        $this->placed = array_slice($this->placed, 0, $index);
        $this->bookings = array_slice($this->bookings, 0, $index);
        $this->broken = array_slice($this->broken, 0, $index);
    }

    private function brokenWindow(Task $task, int $start): ?BrokenWindow
    {
        if ($task->bounds->notAfter !== null && $start > $task->bounds->notAfter) {
            return new BrokenWindow($this->job->id, $task->id, null, $task->bounds->notAfter, $start);
        }
        foreach ($task->after as $lag) {
            $closes = $this->waits->closes($lag->wait, $this->placed[$this->position[$lag->task]]->end);
            if ($closes !== null && $start > $closes) {
                return new BrokenWindow($this->job->id, $task->id, $lag->task, $closes, $start);
            }
        }

        return null;
    }
}
