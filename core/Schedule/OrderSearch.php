<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

use HonestGrain\Schedule\Internal\Calendar;
use HonestGrain\Schedule\Internal\Placement;
use HonestGrain\Schedule\Internal\Score;

/**
 * Places whole pieces one after another and looks for the order in which that goes best: first several good ones (by
 * due date, weight for an hour of work, slack, and their mixtures), then by moving pieces of the best.
 *
 * Never starts a task before a least wait is over and never puts hands-on work outside hours. A window that an empty
 * shop could keep is kept, at the price of a later start; the others are reported. Deterministic for a problem and its
 * seed: the budget counts what is looked at, not the clock, which only ends a search on a much slower machine.
 */
final readonly class OrderSearch implements Scheduler
{
    /** What a usual machine looks at in a millisecond. */
    private const LOOKS_PER_MS = 55;

    /** However slow the machine, a search takes no more than so many times its budget. */
    private const OVERTIME = 4.0;

    /** Shares of the due date in the orders that mix it with slack and weight. */
    private const MIXTURES = [0.35, 0.7];

    /** @param  float  $overtime  so many times its budget a search takes at the most; INF: only looks are counted */
    public function __construct(private float $overtime = self::OVERTIME)
    {
    }

    public function plan(Problem $problem): Plan
    {
        $began = hrtime(true);
        $stopAt = $began + $this->overtime * 1_000_000 * max(50, $problem->budgetMs);
        $placement = new Placement($problem, new Calendar($problem->hours, $problem->start));
        $budget = $problem->budgetMs * self::LOOKS_PER_MS;
        $goesOn = fn (): bool => $placement->looks() < $budget && hrtime(true) < $stopAt;
        $best = null;
        $bestOrder = [];
        foreach ($this->mostPromisingFirst($problem, iterator_to_array($this->orders($problem), false)) as $order) {
            if ($best !== null && ! $goesOn()) {
                break;
            }
            $score = $placement->arrange($order, $best);
            if ($score !== null && ($best === null || $score->isBetterThan($best))) {
                [$best, $bestOrder] = [$score, $order];
            }
        }
        if ($best !== null && count($bestOrder) > 1) {
            $bestOrder = $this->improved($problem, $placement, $bestOrder, $best, $goesOn);
        }
        $placement->arrange($bestOrder);

        return $placement->plan((hrtime(true) - $began) / 1e6);
    }

    /**
     * Moves one piece at a time to another place, or changes two, and keeps what is better.
     *
     * @param  list<Job>  $order
     * @param  callable(): bool  $goesOn
     * @return list<Job>
     */
    private function improved(
        Problem $problem,
        Placement $placement,
        array $order,
        Score $best,
        callable $goesOn,
    ): array {
        $count = count($order);
        $random = $problem->seed % 2_147_483_647;
        $draw = function (int $below) use (&$random): int {
            $random = ($random * 48_271 + 11) % 2_147_483_647;

            return $random % $below;
        };
        // Nothing is late, broken or to be set up anew: there is nothing to gain but the finish, which few moves find.
        $tries = $best->broken === 0 && $best->lateHours <= 0.0 ? 2 * $count : PHP_INT_MAX;
        for ($idle = 0; $idle < min($tries, 60 * $count) && $goesOn(); $idle++) {
            [$from, $to] = [$draw($count), $draw($count)];
            if ($from === $to) {
                continue;
            }
            $tried = $order;
            if ($draw(3) === 0) {
                [$tried[$from], $tried[$to]] = [$tried[$to], $tried[$from]];
            } else {
                [$moved] = array_splice($tried, $from, 1);
                array_splice($tried, $to, 0, [$moved]);
            }
            $tried = self::mountedFirst(array_values($tried));
            $score = $placement->arrange($tried, $best);
            if ($score !== null && $score->isBetterThan($best)) {
                [$best, $order, $idle] = [$score, $tried, 0];
            }
        }

        return $order;
    }

    /**
     * @param  list<Job>  $order
     * @return list<Job>
     */
    private static function mountedFirst(array $order): array
    {
        return [
            ...array_filter($order, fn (Job $job): bool => $job->holdsNow()),
            ...array_filter($order, fn (Job $job): bool => ! $job->holdsNow()),
        ];
    }

    /**
     * Good orders to begin with, the plainest first: by due date. A window that runs already always goes first.
     *
     * @return \Traversable<int, list<Job>>
     */
    private function orders(Problem $problem): \Traversable
    {
        $start = $problem->start;
        $due = fn (Job $job): float => $job->due === null ? PHP_INT_MAX : (float) $job->due;
        $slack = fn (Job $job): float => $due($job) - $start - $job->longestSeconds();
        $worth = fn (Job $job): float => -$job->weight / max(60, $job->workSeconds());
        yield $this->by($problem->jobs, $due);
        yield $this->by($problem->jobs, $slack);
        yield $this->by($problem->jobs, $worth);
        yield $this->by($problem->jobs, fn (Job $job): float => $slack($job) / max(0.1, $job->weight));
        foreach (self::MIXTURES as $share) {
            // Of the pieces due soon, the short and weighty ones first: cost over time by what is left of it.
            $average = max(
                3600.0, array_sum(array_map(fn (Job $job): float => $job->workSeconds(), $problem->jobs)) * $share,
            );
            yield $this->by(
                $problem->jobs, fn (Job $job): float => $worth($job) * exp(-max(0.0, $slack($job)) / $average),
            );
        }
    }

    /**
     * The orders by how late they would be if all work were done one after another in an even week, which costs
     * nothing to reckon; those alike stay as they are.
     *
     * @param  list<list<Job>>  $orders
     * @return list<list<Job>>
     */
    private function mostPromisingFirst(Problem $problem, array $orders): array
    {
        $stretch = 7 * 86_400 / max(1, $problem->hours->secondsAWeek());
        $late = [];
        foreach ($orders as $n => $order) {
            $worked = $late[$n] = 0;
            foreach ($order as $job) {
                $worked += $job->workSeconds();
                $ends = $problem->start + max($worked * $stretch, $job->longestSeconds());
                $late[$n] += $job->due === null ? 0 : $job->weight * max(0, $ends - $job->due);
            }
        }
        asort($late);

        return array_map(fn (int $n): array => $orders[$n], array_keys($late));
    }

    /**
     * @param  list<Job>  $jobs
     * @param  callable(Job): float  $rank
     * @return list<Job> smallest first; alike, the weightier first and then in the order given
     */
    private function by(array $jobs, callable $rank): array
    {
        $keys = [];
        foreach ($jobs as $i => $job) {
            // What is mounted already has the lathe.
            $keys[$i] = [(int) ! $job->holdsNow(), $job->closesFirst() ?? PHP_INT_MAX, $rank($job), -$job->weight, $i];
        }
        asort($keys);

        return array_map(fn (int $i): Job => $jobs[$i], array_keys($keys));
    }
}
