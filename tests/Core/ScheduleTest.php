<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScheduleTest extends TestCase
{
    private const WEEK = [
        'mon' => [['08:00', '12:00'], ['13:00', '17:00']], 'tue' => [['08:00', '12:00'], ['13:00', '17:00']],
        'wed' => [['08:00', '12:00'], ['13:00', '17:00']], 'thu' => [['08:00', '12:00'], ['13:00', '17:00']],
        'fri' => [['08:00', '12:00']],
    ];

    public function test_waits_run_over_night_and_hands_on_work_does_not(): void
    {
        $plan = $this->plan([$this->piece('p', [['a', 60, []], ['b', 60, [['a', 12, null]]]])]);
        self::assertSame(['2026-12-01T08:00:00Z', '2026-12-02T08:00:00Z'], $this->starts($plan));
    }

    public function test_a_window_that_falls_in_the_weekend_moves_the_earlier_task(): void
    {
        // Friday's coat could only be recoated on Saturday: it has to wait for Monday.
        $plan = $this->plan(
            [$this->piece('p', [['coat1', 30, []], ['coat2', 30, [['coat1', 6, 24]]]])], '2026-12-04T08:00:00Z',
        );
        self::assertSame([], $plan->broken);
        self::assertSame('2026-12-07T08:00:00Z', $this->starts($plan)[0]);
    }

    public function test_a_window_that_hours_can_never_keep_is_reported(): void
    {
        $plan = $this->plan([$this->piece('p', [['coat1', 30, []], ['coat2', 30, [['coat1', 10, 11]]]])]);
        self::assertCount(1, $plan->broken);
        self::assertSame('coat2', $plan->broken[0]->task);
    }

    public function test_a_lunch_break_is_not_worked_through_unless_the_task_may_be_split(): void
    {
        $plan = $this->plan([$this->piece('p', [['a', 200, []], ['b', 60, [['a', 0, null]]]])]);
        self::assertSame('2026-12-01T13:00:00Z', $this->starts($plan)[1]);
        $split = $this->plan(
            [$this->piece('p', [['a', 200, []], ['b', 60, [['a', 0, null]], ['splittable' => true]]])],
        );
        self::assertSame('2026-12-01T11:20:00Z', $this->starts($split)[1]);
        self::assertSame('2026-12-01T13:20:00Z', gmdate('Y-m-d\TH:i:s\Z', $split->tasks[1]->end));
    }

    public function test_earliest_due_goes_first_and_late_ones_say_why(): void
    {
        $plan = $this->plan([
            $this->piece('later', [['a', 120, []]], '2026-12-20T00:00:00Z'),
            $this->piece('sooner', [['a', 120, []], ['b', 10, [['a', 48, null]]]], '2026-12-01T12:00:00Z'),
        ]);
        self::assertSame('sooner', $plan->tasks[0]->piece);
        self::assertCount(1, $plan->late);
        self::assertStringContainsString('b: must wait 2.0 days', Told::all($plan->late[0]->because));
        self::assertEqualsWithDelta($plan->late[0]->hours, $plan->weightedLatenessHours, 1e-9);
    }

    public function test_of_two_that_are_in_time_either_way_the_one_with_less_to_spare_goes_first(): void
    {
        $plan = $this->plan([
            $this->piece('soon', [['a', 60, []], ['b', 60, []], ['c', 60, []]], '2026-12-03T09:30:00Z'),
            $this->piece('dries', [['a', 60, []], ['b', 10, [['a', 40, null]]]], '2026-12-03T12:00:00Z'),
        ]);
        self::assertSame(['dries', 'a'], [$plan->tasks[0]->piece, $plan->tasks[0]->task->id]);
    }

    public function test_where_nothing_is_late_the_short_ones_are_ready_first_whenever_they_are_due(): void
    {
        $pieces = [];
        foreach ([50, 20, 40, 10, 30, 60] as $day => $minutes) {
            $pieces[] = $this->piece("$minutes", [['a', $minutes, []]], '2026-12-1'.$day.'T12:00:00Z');
        }
        self::assertSame(
            ['10', '20', '30', '40', '50', '60'], array_column($this->plan($pieces)->tasks, 'piece'),
        );
        $pieces[5]['due'] = '2026-12-01T09:10:00Z';
        $order = array_column($this->plan($pieces)->tasks, 'piece');
        self::assertSame(['60', '10', '20', '30', '40', '50'], $order, 'what has no day to spare goes first');
    }

    #[TestWith([false])]
    #[TestWith([true], 'and one that is late whatever is done')]
    public function test_with_time_to_spare_a_search_makes_pieces_ready_sooner(bool $hasLate): void
    {
        [$first, $sought] = [0, 0];
        foreach ([2, 3, 6, 8, 13] as $number) {
            $document = Shops::document('middle', $number);
            foreach ($document['pieces'] as $n => $piece) {
                $document['pieces'][$n]['due'] = date('Y-m-d\TH:i:s\Z', (int) strtotime($piece['due']) + 20 * 86_400);
            }
            if ($hasLate) {
                $document['pieces'][] = ['id' => 'late', 'due' => '2026-09-01T12:00:00Z', 'tasks' => [
                    ['id' => 'a', 'minutes' => 10, 'needs' => ['turner' => 1]],
                ]];
            }
            $problem = ProblemDocument::read(Document::of($document));
            foreach ([1 => &$first, 60_000 => &$sought] as $looks => &$sum) {
                $plan = (new TaskSearch($looks))->plan($problem);
                self::assertCount((int) $hasLate, $plan->late);
                $sum += array_sum($plan->outlook->ends) - count($problem->jobs) * $problem->start;
            }
        }
        self::assertLessThan(0.89 * $first, $sought);
    }

    public function test_shelf_places_are_held_until_the_next_step(): void
    {
        $hold = ['holds' => ['shelf' => 1]];
        $plan = $this->plan([
            $this->piece('p', [['a', 30, [], $hold], ['b', 30, [['a', 24, null]]]]),
            $this->piece('q', [['a', 30, [], $hold], ['b', 30, [['a', 24, null]]]]),
        ], resources: ['turner' => 1, 'shelf' => 1]);
        $byId = [];
        foreach ($plan->tasks as $task) {
            $byId[$task->piece.$task->task->id] = $task;
        }
        self::assertGreaterThanOrEqual($byId['pb']->start, $byId['qa']->end);
    }

    public function test_the_chain_says_what_each_link_waits_for(): void
    {
        $document = $this->document([
            $this->piece('late', [['a', 30, []], ['b', 30, [['a', 30, null]]]], '2026-12-01T12:00:00Z'),
            $this->piece('first', [['a', 200, []]], '2026-12-01T11:30:00Z'),
        ]);
        $document['pieces'][1]['weight'] = 500;
        $plan = (new TaskSearch(20_000))->plan(ProblemDocument::read(Document::of(['explain' => true] + $document)));
        $chains = array_column($plan->toArray()['pieces'], 'chain', 'id');
        self::assertSame([
            ['task' => 'a', 'waits_for' => 'hands', 'hours' => 3.333, 'with' => 'first'],
            ['task' => 'b', 'waits_for' => 'wait', 'hours' => 30.0, 'with' => 'a'],
            ['task' => 'b', 'waits_for' => 'hours', 'hours' => 14.167, 'with' => null],
        ], $chains['late']);
        self::assertSame([], $chains['first']);
        self::assertArrayNotHasKey('chain', $this->plan($document['pieces'])->toArray()['pieces'][0], 'not asked for');
    }

    public function test_a_running_wait_and_an_open_window_are_kept(): void
    {
        $plan = $this->plan([
            $this->piece('due-first', [['a', 200, []]], '2026-12-01T12:00:00Z'),
            $this->piece(
                'open-window',
                [['b', 60, [], ['not_before' => '2026-12-01T09:00:00Z', 'not_after' => '2026-12-01T10:00:00Z']]],
            ),
        ]);
        self::assertSame([], $plan->broken);
        self::assertSame('open-window', $plan->tasks[0]->piece);
        self::assertSame('2026-12-01T09:00:00Z', $this->starts($plan)[0]);
    }

    public function test_sixty_pieces_of_twenty_five_steps_respect_every_rule_twice_alike(): void
    {
        mt_srand(7);
        $pieces = [];
        for ($p = 0; $p < 60; $p++) {
            $tasks = [];
            for ($t = 0; $t < 25; $t++) {
                $min = mt_rand(0, 3) === 0 ? mt_rand(4, 30) : 0;
                $tasks[] = [
                    "t$t", mt_rand(4, 40),
                    $t === 0 ? [] : [['t'.($t - 1), $min, $min > 0 && mt_rand(0, 4) === 0 ? $min + 60 : null]],
                    [
                        'needs' => mt_rand(0, 1) === 1 ? ['turner' => 1, 'lathe' => 1] : ['turner' => 1],
                        'batch' => 'b'.mt_rand(0, 5),
                    ],
                ];
            }
            $pieces[] = $this->piece("p$p", $tasks, sprintf('2026-12-%02dT17:00:00Z', mt_rand(5, 28)));
        }
        $problem = $this->problem($pieces);
        $plan = (new TaskSearch(20_000))->plan($problem);
        $this->assertKeepsEveryRule($problem, $plan);
        self::assertCount(1500, $plan->tasks);
        self::assertGreaterThanOrEqual($plan->outlook->bound->finish, $plan->finish);
        $again = (new TaskSearch(20_000))->plan($problem)->toArray();
        self::assertEquals(
            array_diff_key($plan->toArray(), ['milliseconds' => 0]), array_diff_key($again, ['milliseconds' => 0]),
        );
    }

    public function test_a_stretch_may_begin_when_the_one_before_it_ends(): void
    {
        $problem = ProblemDocument::read(Document::of(array_replace($this->document([
            $this->piece('p', [['a', 20, []]]),
        ]), ['hours' => ['mon' => [['00:00', '12:00'], ['12:00', '13:00']]]])));
        self::assertSame(13 * 3600, $problem->hours->secondsAWeek());
    }

    public function test_a_wait_in_odd_hours_is_over_at_its_own_second(): void
    {
        // Three tenths of an hour are 1,080 seconds, though no binary fraction is three tenths.
        foreach ([[0.1 + 0.2, 1080, 1080], [1 / 3, 1200, 1200], [1.00001, 3601, 3600]] as [$hours, $opens, $closes]) {
            $wait = Wait::hours($hours, $hours);
            self::assertSame($opens, $wait->opens(0, null));
            self::assertSame(max($opens, $closes), $wait->closes(0, null));
            self::assertSame(50 + $closes, Wait::hours(0.0, $hours)->closes(50, null));
        }
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(array $change, string $reason, string $field): void
    {
        $document = array_replace(
            $this->document([$this->piece('p', [['a', 20, []], ['b', 20, [['a', 1, null]]]])]), $change,
        );
        try {
            ProblemDocument::read(Document::of($document));
            self::fail('It was taken.');
        } catch (BadInput $e) {
            self::assertSame([$reason, $field], [$e->reason, $e->field], $e->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function nonsense(): iterable
    {
        $piece = fn (array ...$tasks): array => [
            'pieces' => [['id' => 'p', 'due' => null, 'weight' => 1, 'tasks' => $tasks]],
        ];
        $task = fn (string $id, array $more = []): array => $more + [
            'id' => $id, 'minutes' => 10, 'needs' => ['turner' => 1], 'after' => [],
        ];
        yield 'ring' => [
            $piece(
                $task('a', ['after' => [['task' => 'b', 'min_hours' => 0]]]),
                $task('b', ['after' => [['task' => 'a', 'min_hours' => 0]]]),
            ),
            'cyclic', 'pieces.0.tasks',
        ];
        yield 'unknown predecessor' => [
            $piece($task('a', ['after' => [['task' => 'z', 'min_hours' => 0]]])), 'unknown',
            'pieces.0.tasks.0.after.0.task',
        ];
        yield 'impossible window' => [
            $piece($task('a'), $task('b', ['after' => [['task' => 'a', 'min_hours' => 5, 'max_hours' => 4]]])),
            'invalid', 'pieces.0.tasks.1.after.0.max_hours',
        ];
        yield 'too long' => [$piece($task('a', ['minutes' => 500])), 'too-long', 'pieces.0.tasks.0.minutes'];
        yield 'too much' => [
            $piece($task('a', ['needs' => ['turner' => 2]])), 'resource', 'pieces.0.tasks.0.needs.turner',
        ];
        yield 'negative minutes' => [$piece($task('a', ['minutes' => -1])), 'out-of-range', 'pieces.0.tasks.0.minutes'];
        yield 'twice the same' => [$piece($task('a'), $task('a')), 'invalid', 'pieces.0.tasks.1.id'];
        yield 'no hours' => [['hours' => []], 'no-hours', 'hours'];
        yield 'backwards' => [['hours' => ['mon' => [['12:00', '08:00']]]], 'invalid', 'hours.mon.0'];
        yield 'one over the other' => [
            ['hours' => ['mon' => [['08:00', '12:00'], ['11:59', '13:00']]]], 'invalid', 'hours.mon.1',
        ];
        yield 'no such day' => [['hours' => ['someday' => []]], 'unknown', 'hours.someday'];
        yield 'no such date' => [['closed' => ['2026-02-30']], 'type', 'closed.0'];
        yield 'no time' => [['start' => 'tomorrow'], 'type', 'start'];
    }

    private function assertKeepsEveryRule(Problem $problem, Plan $plan): void
    {
        $at = [];
        $lathe = $hands = 0;
        foreach ($plan->tasks as $placed) {
            $at[$placed->piece][$placed->task->id] = $placed;
            self::assertGreaterThanOrEqual($hands, $placed->start);
            $hands = $placed->end;
            if (isset($placed->task->takes->needs['lathe'])) {
                self::assertGreaterThanOrEqual($lathe, $placed->start);
                $lathe = $placed->end;
            }
            $inside = array_filter(
                $problem->hours->stretchesOn(gmdate('Y-m-d', $placed->start)),
                fn (array $s): bool => $s[0] <= $placed->start && $placed->end <= $s[1],
            );
            self::assertNotSame([], $inside);
        }
        $broken = array_map(fn ($window): string => "$window->piece $window->task", $plan->broken);
        foreach ($at as $piece => $tasks) {
            foreach ($tasks as $placed) {
                foreach ($placed->task->after as $lag) {
                    $gap = $placed->start - $tasks[$lag->task]->end;
                    self::assertGreaterThanOrEqual($lag->wait->minHours * 3600, $gap);
                    if ($lag->wait->maxHours !== null && $gap > $lag->wait->maxHours * 3600) {
                        self::assertContains("$piece {$placed->task->id}", $broken);
                    }
                }
            }
        }
    }

    /**
     * @param  list<array{0: string, 1: int, 2: list<array{string, int, int|null}>, 3?: array<string, mixed>}>  $tasks
     * @return array<string, mixed>
     */
    private function piece(string $id, array $tasks, ?string $due = null): array
    {
        $lag = fn (array $one): array => ['task' => $one[0], 'min_hours' => $one[1], 'max_hours' => $one[2]];
        $tasks = array_map(fn (array $t): array => ($t[3] ?? []) + [
            'id' => $t[0], 'minutes' => $t[1], 'needs' => ['turner' => 1], 'after' => array_map($lag, $t[2]),
        ], $tasks);

        return ['id' => $id, 'due' => $due, 'weight' => 1, 'tasks' => $tasks];
    }

    public function test_within_its_budget_it_finds_a_better_order_than_the_due_dates_give(): void
    {
        $worse = 0;
        foreach (range(1, 6) as $seed) {
            mt_srand($seed);
            $pieces = [];
            for ($p = 0; $p < 10; $p++) {
                $tasks = [];
                for ($t = 0, $count = mt_rand(4, 10); $t < $count; $t++) {
                    $tasks[] = [
                        "t$t", mt_rand(20, 90), $t === 0 ? [] : [['t'.($t - 1), mt_rand(0, 1) * mt_rand(4, 30), null]],
                    ];
                }
                $pieces[] = ['weight' => mt_rand(1, 4)] + $this->piece(
                    "p$p", $tasks, sprintf('2026-12-%02dT17:00:00Z', mt_rand(2, 9)),
                );
            }
            $problem = ProblemDocument::read(Document::of($this->document($pieces)));
            // One look is over with the first list: by due date.
            $byDue = (new TaskSearch(1))->plan($problem)->weightedLatenessHours;
            $plan = (new TaskSearch(20_000))->plan($problem);
            self::assertLessThanOrEqual($byDue + 1e-6, $plan->weightedLatenessHours);
            $worse += $plan->weightedLatenessHours < 0.9 * $byDue ? 1 : 0;
            self::assertEquals(
                $plan->tasks, (new TaskSearch(20_000))->plan($problem)->tasks,
                'the same for the same seed',
            );
        }
        self::assertGreaterThanOrEqual(4, $worse, 'mostly by more than a tenth');
    }

    public function test_a_gap_is_told_in_a_full_shop_only_where_it_is_small(): void
    {
        $rest = $this->piece('rest', array_map(fn (int $n): array => ["t$n", 10, []], range(1, 130)));
        $late = fn (string $id, string $due): array => $this->piece($id, [['a', 60, []]], $due);
        // Two a month late want the same hour; then two that are due in the first one.
        $near = $this->plan([$rest, $late('p', '2026-11-01T08:00:00Z'), $late('q', '2026-11-01T08:00:00Z')]);
        self::assertGreaterThan(0.0, $near->outlook->bound->gap);
        self::assertLessThan(0.01, $near->outlook->bound->gap);
        $far = $this->plan([$rest, $late('p', '2026-12-01T09:00:00Z'), $late('q', '2026-12-01T09:00:00Z')]);
        self::assertNull($far->outlook->bound->gap);
    }

    public function test_a_long_search_begins_anew_and_keeps_the_best(): void
    {
        $problem = ProblemDocument::read(Document::of(Shops::document('tiny', 20)));
        self::assertSame(14, $problem->size());
        $best = fn (int $looks): float => (new TaskSearch($looks))->plan($problem)->weightedLatenessHours;
        self::assertLessThanOrEqual($best(40_000), $best(2 * 20_000 * 14));
    }

    public function test_thousands_of_tasks_are_packed_back_to_back_and_more_are_refused(): void
    {
        $pieces = [];
        for ($p = 0; $p < 50; $p++) {
            $pieces[] = $this->piece("p$p", array_map(fn (int $t): array => ["t$t", 20, []], range(0, 99)));
        }
        $plan = $this->plan($pieces);
        self::assertCount(5000, $plan->tasks);
        self::assertSame($plan->outlook->bound->finish, $plan->finish, 'back to back');
        // Every start looked for from the beginning, booking by booking, would be some twelve million looks.
        $document = $this->document(
            [$this->piece('big', array_map(fn (int $t): array => ["t$t", 1, []], range(0, 199)))],
        );
        $document['pieces'] = array_map(fn (int $n): array => ['id' => "b$n"] + $document['pieces'][0], range(0, 200));
        $this->expectExceptionMessage('at most 40000');
        ProblemDocument::read(Document::of($document));
    }

    public function test_a_closed_weekend_is_not_blamed_on_busy_hands(): void
    {
        // Friday's half day is taken by the other piece; the rest of the wait is the weekend.
        $plan = $this->plan([
            $this->piece('busy', [['a', 240, []]], '2026-12-04T12:00:00Z'),
            $this->piece('late', [['b', 60, []]], '2026-12-04T13:00:00Z'),
        ], '2026-12-04T08:00:00Z');
        self::assertSame('B: hands with busy 4.0 h', ucfirst(Told::of($plan->late[0]->because[0])));
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  array<string, int>  $resources
     * @return array<string, mixed>
     */
    private function document(
        array $pieces,
        string $start = '2026-12-01T08:00:00Z',
        array $resources = ['turner' => 1, 'lathe' => 1],
    ): array {
        return [
            'start' => $start, 'hours' => self::WEEK, 'closed' => ['2026-12-25'], 'resources' => $resources,
            'pieces' => $pieces,
        ];
    }

    /** @param  list<array<string, mixed>>  $pieces */
    private function problem(array $pieces): Problem
    {
        return ProblemDocument::read(Document::of($this->document($pieces)));
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  array<string, int>  $resources
     */
    private function plan(
        array $pieces,
        string $start = '2026-12-01T08:00:00Z',
        array $resources = ['turner' => 1, 'lathe' => 1],
    ): Plan {
        return (new TaskSearch(20_000))->plan(
            ProblemDocument::read(Document::of($this->document($pieces, $start, $resources))),
        );
    }

    /** @return list<string> */
    private function starts(Plan $plan): array
    {
        return array_map(fn ($placed): string => gmdate('Y-m-d\TH:i:s\Z', $placed->start), $plan->tasks);
    }
}
