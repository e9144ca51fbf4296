<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\PlacedTask;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\TaskSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How long each task may be left, held against every start there is on a grid of five minutes. */
final class LatestStartTest extends TestCase
{
    private const GRID = 300;

    private const DAY = [['08:00', '10:00'], ['11:00', '13:00']];

    /** @var list<string> tasks whose window the plan misses already */
    private array $missed = [];

    /** @var list<array{int, int}> what other pieces have */
    private array $taken = [];

    #[DataProvider('seeds')]
    public function test_it_is_the_last_start_at_which_nothing_is_late_or_missed(int $seed): void
    {
        mt_srand($seed);
        $pieces = [];
        for ($p = 0; $p < 3; $p++) {
            $tasks = [];
            for ($t = 0; $t < 3; $t++) {
                $wait = mt_rand(0, 1) * mt_rand(1, 20);
                $tasks[] = ['id' => "t$t", 'minutes' => mt_rand(2, 12) * 5, 'needs' => ['turner' => 1],
                    'after' => $t === 0 ? [] : [['task' => 't'.($t - 1), 'min_hours' => $wait,
                        'max_hours' => mt_rand(0, 1) === 1 ? $wait + mt_rand(2, 30) : null]],
                ];
            }
            $pieces[] = ['id' => "p$p", 'due' => sprintf('2026-12-%02dT%02d:00:00Z', mt_rand(2, 5), mt_rand(8, 14)),
                'tasks' => $tasks];
        }
        $plan = self::plan($pieces);
        $due = array_map(strtotime(...), array_column($pieces, 'due', 'id'));
        foreach ($plan->tasks as $placed) {
            $own = array_values(array_filter($plan->tasks, fn ($other): bool => $other->piece === $placed->piece));
            $this->taken = array_values(array_map(fn ($other): array => [$other->start, $other->end], array_filter(
                $plan->tasks, fn ($other): bool => $other->piece !== $placed->piece,
            )));
            $ends = max((int) $due[$placed->piece], $own[2]->end);
            $this->missed = array_column(array_filter(
                $plan->broken, fn ($window): bool => $window->piece === $placed->piece,
            ), 'task');
            $task = "$placed->piece {$placed->task->id}, planned ".gmdate('D H:i', $placed->start);
            $latest = $this->latest($own, $placed, $ends);
            self::assertSame($latest, gmdate('D H:i', (int) $placed->slack?->latestStart), $task);
            $this->taken = [];
            $must = $this->latest($own, $placed, $ends);
            self::assertSame($must, gmdate('D H:i', (int) $placed->slack?->mustStart), "$task, by itself");
        }
    }

    /** @param  list<PlacedTask>  $own */
    private function latest(array $own, PlacedTask $placed, int $ends): string
    {
        $at = (int) substr($placed->task->id, 1);
        $latest = $placed->start;
        for ($start = $placed->start; $start <= $ends; $start += self::GRID) {
            $after = $at === 0 ? 0 : $own[$at - 1]->end;
            $latest = $this->goesOn($own, $at, $start, $after, $ends) ? $start : $latest;
        }

        return gmdate('D H:i', $latest);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 30) as $seed) {
            yield $seed => [$seed];
        }
    }

    public function test_a_window_of_what_follows_binds_weeks_before_the_date(): void
    {
        $task = fn (string $id, array $more): array => $more + [
            'id' => $id, 'minutes' => 10, 'needs' => ['turner' => 1],
        ];
        $plan = self::plan([['id' => 'p', 'due' => '2026-12-28T12:00:00Z', 'tasks' => [
            $task('rub', []),
            $task('coat', ['after' => [['task' => 'rub']], 'not_after' => '2026-12-01T23:20:00Z']),
        ]], ['id' => 'q', 'due' => '2026-12-28T12:00:00Z', 'tasks' => [$task('cut', ['minutes' => 70])]]]);
        $slack = array_column(array_map(
            fn (PlacedTask $placed): array => [$placed->task->id, $placed->slack], $plan->tasks,
        ), 1, 0);
        self::assertSame('Tue 12:40', gmdate('D H:i', (int) $slack['rub']?->mustStart));
        self::assertSame('Tue 12:50', gmdate('D H:i', (int) $slack['coat']?->mustStart));
        self::assertSame('Mon 08:50', gmdate('D H:i', (int) $slack['cut']?->mustStart));
    }

    public function test_what_is_never_due_may_wait_for_ever_and_what_is_pinned_may_not_wait(): void
    {
        $task = fn (string $id, array $after = []): array => [
            'id' => $id, 'minutes' => 30, 'needs' => ['turner' => 1], 'after' => $after,
        ];
        $tasks = [$task('a'), $task('b', [['task' => 'a', 'max_hours' => 1]])];
        $pieces = [['id' => 'p', 'due' => null, 'tasks' => $tasks]];
        $plan = self::plan($pieces, ['pinned' => []]);
        self::assertNull($plan->tasks[0]->slack?->latestStart);
        self::assertSame(1.0, $plan->tasks[1]->slack?->hours(), 'its window');
        $pin = ['piece' => 'p', 'task' => 'a', 'start' => '2026-12-01T09:00:00Z'];
        self::assertSame(0.0, self::plan($pieces, ['pinned' => [$pin]])->tasks[0]->slack?->hours());
        self::assertNull((new TaskSearch(50))->plan(ProblemDocument::read(Document::of([
            'start' => '2026-12-01T08:00:00Z', 'resources' => ['turner' => 1], 'pieces' => $pieces,
            'hours' => ['tue' => self::DAY],
        ])))->tasks[0]->slack, 'only where it is asked for');
    }

    /**
     * Whether a task may start at a second, and what follows it some time after it.
     *
     * @param  list<PlacedTask>  $own
     */
    private function goesOn(array $own, int $at, int $start, int $after, int $ends): bool
    {
        $task = $own[$at]->task;
        $end = $start + $task->seconds;
        $lag = $task->after[0] ?? null;
        $opens = $after + (int) round(3600 * ($lag->wait->minHours ?? 0));
        $closes = $lag?->wait->maxHours === null ? PHP_INT_MAX : $after + (int) round(3600 * $lag->wait->maxHours);
        $closes = in_array($task->id, $this->missed, true) ? PHP_INT_MAX : $closes;
        if ($start < $opens || $start > $closes || $end > $ends || ! $this->isFree($start, $end)) {
            return false;
        }
        if (! isset($own[$at + 1])) {
            return true;
        }
        for ($next = $end; $next <= $ends; $next += self::GRID) {
            if ($this->goesOn($own, $at + 1, $next, $end, $ends)) {
                return true;
            }
        }

        return false;
    }

    private function isFree(int $start, int $end): bool
    {
        $minute = fn (int $second): int => intdiv($second % 86_400, 60);
        $isOpen = $minute($start) >= 480 && $minute($end) <= 600 || $minute($start) >= 660 && $minute($end) <= 780;
        foreach ($this->taken as [$from, $to]) {
            $isOpen = $isOpen && ($end <= $from || $start >= $to);
        }

        return $isOpen && intdiv($start, 86_400) === intdiv($end, 86_400);
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  array<string, mixed>  $more
     */
    private static function plan(array $pieces, array $more = []): Plan
    {
        return (new TaskSearch(500))->plan(ProblemDocument::read(Document::of($more + [
            'start' => '2026-12-01T08:00:00Z', 'resources' => ['turner' => 1], 'pieces' => $pieces, 'explain' => true,
            'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], self::DAY),
        ])));
    }
}
