<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\TaskSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Small shops, held against every start there is on a grid: a shelf, a second person, windows, sittings, batches. */
final class OptimumTest extends TestCase
{
    private const GRID = 300;

    private const DAYS = 7;

    /** In minutes of the day: the maker, and whoever helps. */
    private const HOURS = [[480, 570], [540, 630]];

    /**
     * @var list<array{
     *     piece: int, seconds: int, lag: array{int, int}|null, shelf: bool, can: bool, batch: string|null,
     * }>
     */
    private array $tasks = [];

    /** @var list<int> piece => due */
    private array $due = [];

    private bool $hasHelper = false;

    /** @var array{int, int, int} windows broken, seconds late, changes of batch */
    private array $best = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX];

    /** @var array{int, int, int} what the second piece comes to at the least: windows broken, seconds late */
    private array $alone = [0, 0, 0];

    #[DataProvider('shops')]
    public function test_no_start_on_the_grid_makes_a_better_plan(string $scarce, int $seed): void
    {
        mt_srand($seed);
        $start = (int) strtotime('2026-12-01T00:00:00Z');
        $pieces = [];
        $this->hasHelper = $scarce === 'person';
        for ($p = 0; $p < 2; $p++) {
            $this->due[$p] = $start + mt_rand(0, 1) * 86_400 + mt_rand(9, 11) * 3600;
            $tasks = [];
            for ($t = 0; $t < 2 + ($p === 0 ? 1 : 0); $t++) {
                $wait = $t === 0 ? 0 : mt_rand(0, 1) * mt_rand(1, 30);
                $most = $t > 0 && ($scarce === 'window' || mt_rand(0, 2) === 0) ? $wait + mt_rand(0, 24) : null;
                $most = $t > 0 && $scarce === 'sitting' ? $wait = 0 : $most;
                $task = [
                    'id' => "t$t", 'minutes' => mt_rand(3, 9) * 5, 'needs' => ['turner' => 1],
                    'after' => $t === 0 ? [] : [['task' => 't'.($t - 1), 'min_hours' => $wait, 'max_hours' => $most]],
                ];
                $holds = $scarce === 'shelf' && mt_rand(0, 1) === 0;
                $can = $scarce === 'person' && mt_rand(0, 2) === 0;
                $batch = $scarce === 'batch' ? 'xy'[mt_rand(0, 1)] : null;
                $tasks[] = $task + ($holds ? ['holds' => ['shelf' => 1]] : []) + ($can ? ['can' => 'spray'] : [])
                    + ['batch' => $batch];
                $this->tasks[] = [
                    'piece' => $p, 'seconds' => $task['minutes'] * 60,
                    'lag' => $t === 0 ? null : [$wait * 3600, $most === null ? PHP_INT_MAX : $most * 3600],
                    'shelf' => $holds, 'can' => $can, 'batch' => $batch,
                ];
            }
            $pieces[] = ['id' => "p$p", 'due' => gmdate('Y-m-d\TH:i:s\Z', $this->due[$p]), 'tasks' => $tasks];
        }
        $every = fn (int $who): array => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], [[
            sprintf('%02d:%02d', intdiv(self::HOURS[$who][0], 60), self::HOURS[$who][0] % 60),
            sprintf('%02d:%02d', intdiv(self::HOURS[$who][1], 60), self::HOURS[$who][1] % 60),
        ]]);
        $plan = (new TaskSearch(4_000))->plan(ProblemDocument::read(Document::of([
            'start' => gmdate('Y-m-d\TH:i:s\Z', $start), 'hours' => $every(0), 'pieces' => $pieces,
            'resources' => ['turner' => 1, 'shelf' => 1],
        ] + ($this->hasHelper ? ['people' => [
            ['id' => 'maker', 'can' => ['spray']], ['id' => 'helper', 'hours' => $every(1)],
        ]] : []))));
        $mine = [count($plan->broken), (int) round($plan->weightedLatenessHours * 3600), $plan->setups];
        $second = array_search(1, array_column($this->tasks, 'piece'), true);
        $this->alone = [0, 0, 0];
        $both = $this->tasks;
        $this->tasks = array_slice($both, (int) $second);
        $this->place(0, [], $start, 0);
        // Whatever the first piece does, the second does no better than alone.
        [$this->alone, $this->tasks, $this->best] = [$this->best, $both, $mine];
        $this->place(0, [], $start, 0);
        self::assertSame($this->best, $mine);
    }

    /** @return iterable<string, array{string, int}> */
    public static function shops(): iterable
    {
        foreach (['plain', 'window', 'shelf', 'person', 'sitting', 'batch'] as $scarce) {
            foreach (range(1, 5) as $seed) {
                yield "$scarce $seed" => [$scarce, $seed];
            }
        }
    }

    /**
     * Tries every start of a task after those that are placed.
     *
     * @param  list<array{int, int, int}>  $placed  start, end, who
     */
    private function place(int $n, array $placed, int $from, int $broken): void
    {
        if (! isset($this->tasks[$n])) {
            if ($this->shelfIsEnough($placed)) {
                $this->best = min($this->best, [$broken, $this->late($placed), $this->setups($placed)]);
            }

            return;
        }
        $task = $this->tasks[$n];
        $isFirst = $task['lag'] === null;
        $opens = $isFirst ? $from : $placed[$n - 1][1] + $task['lag'][0];
        $closes = $isFirst || $task['lag'][1] === PHP_INT_MAX ? PHP_INT_MAX : $placed[$n - 1][1] + $task['lag'][1];
        $last = $from + self::DAYS * 86_400;
        for ($start = (int) (ceil($opens / self::GRID) * self::GRID); $start < $last; $start += self::GRID) {
            $more = $broken + (int) ($start > $closes);
            if ($more > $this->best[0]) {
                return;
            }
            foreach ($this->hasHelper ? [0, 1] : [0] as $who) {
                if ($this->isFree($task, $start, $who, $placed)) {
                    $now = [...$placed, [$start, $start + $task['seconds'], $who]];
                    [$least, $late] = $task['piece'] === 0 ? $this->alone : [0, 0];
                    if ([$more + $least, $this->late($now) + $late, $this->setups($now)] < $this->best) {
                        $this->place($n + 1, $now, $from, $more);
                    }
                }
            }
        }
    }

    /**
     * @param  array{seconds: int, can: bool}  $task
     * @param  list<array{int, int, int}>  $placed
     */
    private function isFree(array $task, int $start, int $who, array $placed): bool
    {
        $end = $start + $task['seconds'];
        $minute = intdiv($start % 86_400, 60);
        $isFree = $minute >= self::HOURS[$who][0] && $minute + $task['seconds'] / 60 <= self::HOURS[$who][1]
            && ! ($task['can'] && $who === 1);
        foreach ($placed as [$begins, $ends, $other]) {
            $isFree = $isFree && ($other !== $who || $end <= $begins || $start >= $ends);
        }

        return $isFree;
    }

    /** @param  list<array{int, int, int}>  $placed */
    private function shelfIsEnough(array $placed): bool
    {
        $held = [];
        foreach ($placed as $n => [, $end]) {
            if ($this->tasks[$n]['shelf'] && ($this->tasks[$n + 1]['piece'] ?? -1) === $this->tasks[$n]['piece']) {
                $held[] = [$end, $placed[$n + 1][0]];
            }
        }
        foreach ($held as $i => [$from, $to]) {
            foreach (array_slice($held, $i + 1) as [$begins, $ends]) {
                if (max($from, $begins) < min($to, $ends)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  list<array{int, int, int}>  $placed */
    private function setups(array $placed): int
    {
        asort($placed);
        $batches = array_filter(array_map(fn (int $n): ?string => $this->tasks[$n]['batch'], array_keys($placed)));
        $setups = 0;
        $last = null;
        foreach ($batches as $batch) {
            $setups += (int) ($batch !== $last);
            $last = $batch;
        }

        return $setups;
    }

    /** @param  list<array{int, int, int}>  $placed */
    private function late(array $placed): int
    {
        $late = [];
        foreach ($placed as $n => [, $end]) {
            $piece = $this->tasks[$n]['piece'];
            // What its piece still takes at the least comes behind it.
            for ($next = $n + 1; ($this->tasks[$next]['piece'] ?? -1) === $piece; $next++) {
                $end += ($this->tasks[$next]['lag'][0] ?? 0) + $this->tasks[$next]['seconds'];
            }
            $late[$piece] = max($late[$piece] ?? 0, $end - $this->due[$piece]);
        }

        return array_sum($late);
    }
}
