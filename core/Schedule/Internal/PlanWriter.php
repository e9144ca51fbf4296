<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\BrokenWindow;
use HonestGrain\Schedule\Delay;
use HonestGrain\Schedule\LatePiece;
use HonestGrain\Schedule\Outlook;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Task;

/**
 * Writes what a decoder has placed as a plan: when, what each task waited for, which windows are missed, what is late.
 *
 * @internal
 */
final readonly class PlanWriter
{
    /** What a task waited for is looked for among so many before it. */
    private const LOOKS_BACK = 60;

    public function __construct(private Workload $work, private WaitTimes $waits)
    {
    }

    public function plan(Decoder $decoder, float $milliseconds, Outlook $outlook): Plan
    {
        $work = $this->work;
        $users = $this->users($decoder);
        $asked = $work->problem->standing->questions;
        $starts = $asked->explain ? new LatestStarts($work, $decoder) : null;
        $slack = $starts?->before($asked->explainBefore) ?? [];
        $tasks = $broken = $late = $names = $chains = [];
        foreach ($work->problem->jobs as $job) {
            $names[$job->id] = $job->name;
        }
        foreach ($work->problem->jobs as $piece => $job) {
            [$first, $next] = $work->range($piece);
            $placed = [];
            for ($t = $first; $t < $next; $t++) {
                $placed[] = new PlacedTask(
                    piece: $job->id, task: $work->tasks[$t], start: $decoder->start[$t], end: $decoder->end[$t],
                    delay: $this->delay($t, $decoder, $users), who: $work->crews[$t][$decoder->crew[$t]]->who,
                    slack: $slack[$t] ?? null,
                );
                if (isset($decoder->broken[$t])) {
                    $broken[] = $this->brokenWindow($job->id, $t, $decoder);
                }
            }
            $isLate = $placed !== [] && $decoder->lastEndOf($piece) > $work->due[$piece];
            $chain = $placed !== [] && ($isLate || $asked->explain) ? Chain::of($placed, $work->calendar) : [];
            if ($asked->explain) {
                $chains[$job->id] = $chain;
            }
            if ($isLate) {
                $hours = ($decoder->lastEndOf($piece) - $work->due[$piece]) / 3600;
                $late[] = new LatePiece($job->id, $hours, Because::of($chain, $names));
            }
            array_push($tasks, ...$placed);
        }
        usort($tasks, fn (PlacedTask $a, PlacedTask $b): int => [$a->start, $a->end, $a->piece]
            <=> [$b->start, $b->end, $b->piece]);
        $cost = Cost::of($work, $decoder);

        return new Plan(
            tasks: $tasks, broken: $broken, late: $late, finish: $cost->finish,
            weightedLatenessHours: $cost->late / 3600,
            setups: $cost->setups, milliseconds: $milliseconds, outlook: $outlook->with($chains),
        );
    }

    /**
     * What a task waited for: the task before it in its piece, and then hours or hands.
     *
     * @param  array<int, list<array{int, int, int}>>  $users
     */
    private function delay(int $t, Decoder $decoder, array $users): Delay
    {
        $work = $this->work;
        $opens = $work->notBefore[$t];
        $binding = null;
        foreach ($work->before[$t] as [$earlier, $least, , $wait]) {
            $ready = $wait < 0 ? $decoder->end[$earlier] + $least : $this->waits->opens($wait, $decoder->end[$earlier]);
            if ($ready >= $opens) {
                [$opens, $binding] = [$ready, $earlier];
            }
        }
        $start = $decoder->start[$t];
        $piece = $start > $opens ? $this->busyWith($t, $opens, $start, $decoder, $users) : null;

        return new Delay(
            $binding === null ? null : $work->tasks[$binding]->id,
            $binding === null ? 0 : $opens - $decoder->end[$binding], $start - $opens,
            $piece === null ? null : $work->problem->jobs[$piece]->id,
        );
    }

    /** @param  array<int, list<array{int, int, int}>>  $users */
    private function busyWith(int $t, int $from, int $start, Decoder $decoder, array $users): ?int
    {
        $last = $piece = null;
        $needs = $this->work->crews[$t][$decoder->crew[$t]]->needs;
        for ($n = 0; $n < count($needs); $n += 2) {
            $taken = $users[$needs[$n]] ?? [];
            $before = self::firstFrom($taken, $start);
            for ($i = $before - 1; $i >= max(0, $before - self::LOOKS_BACK); $i--) {
                [, $ends, $who] = $taken[$i];
                if ($ends > $from && $who !== $this->work->pieceOf[$t] && ($last === null || $ends > $last)) {
                    [$last, $piece] = [$ends, $who];
                }
            }
        }

        return $piece;
    }

    /**
     * The place of the first that begins no sooner than a second.
     *
     * @param  list<array{int, int, int}>  $taken  by when they begin
     */
    private static function firstFrom(array $taken, int $second): int
    {
        [$low, $high] = [0, count($taken)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $taken[$middle][0] < $second ? [$middle + 1, $high] : [$low, $middle];
        }

        return $low;
    }

    /** @return array<int, list<array{int, int, int}>> resource => start, end and piece of each, by start */
    private function users(Decoder $decoder): array
    {
        $users = [];
        foreach ($decoder->start as $t => $start) {
            $needs = $this->work->crews[$t][$decoder->crew[$t]]->needs;
            for ($n = 0; $n < count($needs); $n += 2) {
                $users[$needs[$n]][] = [$start, $decoder->end[$t], $this->work->pieceOf[$t]];
            }
            foreach ($this->work->heldFor[$t] as [$holder, $resource]) {
                $users[$resource][] = [$decoder->end[$holder], $start, $this->work->pieceOf[$t]];
            }
        }

        foreach ($users as &$taken) {
            usort($taken, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        }

        return $users;
    }

    private function brokenWindow(string $piece, int $t, Decoder $decoder): BrokenWindow
    {
        $work = $this->work;
        $start = $decoder->start[$t];
        $closes = $work->notAfter[$t];
        $after = null;
        foreach ($start > $closes ? [] : $work->before[$t] as [$earlier, , $most, $wait]) {
            $shuts = match (true) {
                $most < 0 => Workload::NEVER,
                $wait < 0 => $decoder->end[$earlier] + $most,
                default => $this->waits->closes($wait, $decoder->end[$earlier]),
            };
            if ($start > $shuts) {
                [$closes, $after] = [$shuts, $work->tasks[$earlier]->id];

                break;
            }
        }

        return new BrokenWindow($piece, $work->tasks[$t]->id, $after, $closes, $start);
    }
}
