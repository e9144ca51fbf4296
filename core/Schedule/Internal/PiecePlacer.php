<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Coating\CureClock;
use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\Delay;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Task;

/**
 * Places one piece's tasks, in order, at their earliest. Where a window would close outside working
 * hours the earlier task is moved later and the piece is placed again from there; a window that no
 * move can keep is given up and reported.
 *
 * @internal
 */
final class PiecePlacer
{
    /** How often one window may push its earlier task before it is given up. */
    private const TRIES = 40;

    /** @var array<string, int> task => earliest start that a later task asks of it */
    private array $pushed = [];

    /** @var array<string, int> "earlier>later" => pushes so far */
    private array $pushes = [];

    /** @var array<string, true> windows that no push could keep */
    private array $givenUp = [];

    /** @var list<PlacedTask> */
    private array $placed = [];

    /** @var array<string, int> */
    private array $position = [];

    /** @var list<list<array{string, int, int, int}>> */
    private array $bookings = [];

    /** @var list<BrokenWindow|null> */
    private array $broken = [];

    public function __construct(private readonly Booker $booker, private readonly ?CureClock $clock, private readonly int $start, private readonly Job $job)
    {
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
            if ($this->pushForHold($start) || $this->pushForWindow($task, $start)) {
                continue;
            }
            $this->position[$task->id] = $i;
            $previousEnd = $after === null ? null : $this->placed[$this->position[$after]]->end;
            $delay = new Delay($after, $previousEnd === null ? 0 : $opens - $previousEnd, $start - $opens, $gaveWayTo);
            $bookings = $this->booker->book($task->needs, $runs, $this->job->id);
            if ($i > 0) {
                $before = $this->placed[$i - 1];
                $bookings = [...$bookings, ...$this->booker->book($before->task->holds, [[$before->end, max($before->end, $start)]], $this->job->id)];
            }
            $this->broken[] = $this->brokenWindow($task, $start);
            $this->placed[] = new PlacedTask($this->job->id, $task, $start, $runs[count($runs) - 1][1], $delay);
            $this->bookings[] = $bookings;
        }

        return [$this->placed, array_values(array_filter($this->broken))];
    }

    /** @return array{int, string|null} the earliest second by waits alone, and the task it waits for */
    private function opens(Task $task): array
    {
        $opens = max($this->start, $task->notBefore ?? 0);
        $binding = null;
        foreach ($task->after as $lag) {
            $ready = $lag->wait->opens($this->placed[$this->position[$lag->task]]->end, $this->clock);
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
    private function pushForHold(int $start): bool
    {
        $last = count($this->placed) - 1;
        if ($last < 0) {
            return false;
        }
        $before = $this->placed[$last];
        $frees = $this->booker->holdClash($before->task->holds, $before->end, $start);
        if ($frees === null) {
            return false;
        }
        $this->push($last, max($before->start + 1, $before->start + $frees - $before->end));

        return true;
    }

    private function pushForWindow(Task $task, int $start): bool
    {
        foreach ($task->after as $lag) {
            $earlier = $this->position[$lag->task];
            $closes = $lag->wait->closes($this->placed[$earlier]->end, $this->clock);
            $window = "$lag->task>$task->id";
            if ($closes === null || $start <= $closes || isset($this->givenUp[$window])) {
                continue;
            }
            $this->pushes[$window] = ($this->pushes[$window] ?? 0) + 1;
            if ($this->pushes[$window] > self::TRIES) {
                $this->givenUp[$window] = true;
                $this->pushed = [];
                $this->unplaceFrom(0);

                return true;
            }
            $this->push($earlier, $this->placed[$earlier]->start + $start - $closes);

            return true;
        }

        return false;
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
        if ($task->notAfter !== null && $start > $task->notAfter) {
            return new BrokenWindow($this->job->id, $task->id, null, $task->notAfter, $start);
        }
        foreach ($task->after as $lag) {
            $closes = $lag->wait->closes($this->placed[$this->position[$lag->task]]->end, $this->clock);
            if ($closes !== null && $start > $closes) {
                return new BrokenWindow($this->job->id, $task->id, $lag->task, $closes, $start);
            }
        }

        return null;
    }
}
