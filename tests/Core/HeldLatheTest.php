<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Internal\Alone;
use HonestGrain\Schedule\Internal\Decoder;
use HonestGrain\Schedule\Internal\WaitTimes;
use HonestGrain\Schedule\Internal\Workload;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Said;
use PHPUnit\Framework\TestCase;

/** What is mounted has the lathe until it is taken off: in lists, in what is pinned and in a plan that stands. */
final class HeldLatheTest extends TestCase
{
    public function test_what_is_mounted_is_placed_to_its_end_in_one_go(): void
    {
        $mounted = fn (string $id): array => self::onLathe($id, [10, 20]);
        $oiled = $mounted('a');
        $oiled['tasks'][] = ['id' => 'oil', 'minutes' => 5, 'needs' => ['turner' => 1], 'after' => [['task' => 't1']]];
        $decoder = self::decoder(['pieces' => [$oiled, $mounted('b')]]);
        $decoder->run([0, 1, 0, 1, 0]);
        self::assertSame(['08:00', '08:10', '09:00', '08:30', '08:40'], self::times($decoder));
        $decoder->run([0, 0, 1, 0, 1]);
        self::assertSame(
            ['08:00', '08:10', '09:00', '08:30', '08:40'], self::times($decoder), 'its places in the list stay its own',
        );
        $decoder->run([0, 0, 0, 1, 1]);
        self::assertSame(['08:00', '08:10', '08:30', '08:35', '08:45'], self::times($decoder));
    }

    public function test_what_may_be_beside_another_is_placed_task_by_task(): void
    {
        $decoder = self::decoder([
            'resources' => ['turner' => 1, 'mounts' => 2],
            'pieces' => [self::onLathe('a', [10, 20]), self::onLathe('b', [10, 20])],
        ]);
        $decoder->run([0, 1, 0, 1]);
        self::assertSame(['08:00', '08:20', '08:10', '08:40'], self::times($decoder));
    }

    public function test_gaps_that_are_too_short_for_all_that_is_done_in_one_mount_are_passed_over_at_once(): void
    {
        $starts = range(0, 440, 40);
        $pieces = $pins = [];
        foreach ($starts as $n => $minute) {
            $pieces[] = ['id' => "p$n", 'tasks' => [['id' => 't0', 'minutes' => 30, 'needs' => ['mounts' => 1]]]];
            $pins[] = [
                'piece' => "p$n", 'task' => 't0', 'start' => gmdate('Y-m-d\TH:i:s\Z', self::at('08:00') + 60 * $minute),
            ];
        }
        $block = self::onLathe('block', [6, 6, 6]);
        $desk = ['id' => 'desk', 'tasks' => [['id' => 't0', 'minutes' => 5, 'needs' => ['turner' => 1]]]];
        foreach ([[], [$desk]] as $besides) {
            $decoder = self::decoder(['pieces' => [...$pieces, $block, ...$besides], 'pinned' => $pins]);
            $decoder->run([...array_keys($starts), 12, 12, 12, ...array_map(fn (): int => 13, $besides)]);
            self::assertSame(['15:50', '15:56', '16:02'], array_slice(self::times($decoder), 12, 3));
            self::assertSame(15 + count($besides), $decoder->looks, 'each is placed once');
        }
    }

    public function test_what_waits_for_something_else_on_the_lathe_is_mounted_behind_all_that_has_it_before(): void
    {
        $busy = fn (string $id, array $needs, string $from, int $minutes): array => [
            ['id' => $id, 'tasks' => [['id' => 't0', 'minutes' => $minutes, 'needs' => $needs]]],
            ['piece' => $id, 'task' => 't0', 'start' => "2026-12-01T$from:00Z"],
        ];
        $others = [
            $busy('wet', ['air' => 1], '08:00', 360), $busy('x', ['mounts' => 1], '09:00', 30),
            $busy('y', ['mounts' => 1], '11:00', 30), $busy('z', ['mounts' => 1], '13:00', 30),
        ];
        $piece = self::onLathe('p', [10, 5, 20]);
        $piece['tasks'][2]['needs']['air'] = 1;
        $decoder = self::decoder([
            'resources' => ['turner' => 1, 'mounts' => 1, 'air' => 1],
            'pieces' => [...array_column($others, 0), $piece], 'pinned' => array_column($others, 1),
        ]);
        $decoder->run([0, 1, 2, 3, 4, 4, 4]);
        self::assertSame(['13:30', '13:40', '14:00'], array_slice(self::times($decoder), -3));
        self::assertSame(4 + 2 * 3, $decoder->looks, 'all of it moves once');
    }

    public function test_between_two_pinned_steps_of_one_mount_the_lathe_is_kept(): void
    {
        $urgent = ['due' => '2026-12-01T09:00:00Z', 'weight' => 5] + self::onLathe('urgent', [10, 20]);
        $plan = self::plan([
            'pieces' => [self::onLathe('pinned', [10, 20]), $urgent],
            'pinned' => [self::pin('pinned', 't0', '08:30'), self::pin('pinned', 't1', '11:00')],
        ]);
        $at = self::starts($plan);
        self::assertSame(['08:30', '11:00'], [$at['pinned t0'], $at['pinned t1']]);
        self::assertSame(['08:00', '08:10'], [$at['urgent t0'], $at['urgent t1']]);
        $longer = ['tasks' => self::onLathe('urgent', [10, 30])['tasks']] + $urgent;
        $at = self::starts(self::plan([
            'pieces' => [self::onLathe('pinned', [10, 20]), $longer],
            'pinned' => [self::pin('pinned', 't0', '08:30'), self::pin('pinned', 't1', '11:00')],
        ]));
        self::assertSame(['11:20', '11:30'], [$at['urgent t0'], $at['urgent t1']], 'not while the other is mounted');
    }

    public function test_what_is_kept_for_a_pinned_step_is_in_nobodys_way_who_comes_before_it_in_the_same_mount(): void
    {
        $piece = self::onLathe('p', [10, 10, 20]);
        $piece['tasks'][0]['not_before'] = '2026-12-01T08:15:00Z';
        $pin = self::pin('p', 't2', '08:40');
        foreach (['pinned', 'last'] as $how) {
            $plan = self::plan(['pieces' => [$piece], $how => [$pin]]);
            self::assertSame(['p t0' => '08:20', 'p t1' => '08:30', 'p t2' => '08:40'], self::starts($plan), $how);
        }
    }

    public function test_what_is_mounted_is_not_left_idle_for_days_unless_it_is_pinned_so(): void
    {
        $needs = ['turner' => 1, 'mounts' => 1];
        $problem = Problem::of(
            self::at('08:00'), WorkingHours::read(Document::of([
                'hours' => array_fill_keys(['tue', 'wed', 'thu'], [['08:00', '17:00']]),
            ])), $needs, [Job::of('p', null, 1.0, [
                Task::of('mount', 10, new Claims($needs, keeps: [Hold::until('turn', 'mounts')])),
                Task::of('glue', 10, new Claims(['turner' => 1])),
                Task::of('turn', 20, new Claims($needs), [new Lag('mount', Wait::none()), new Lag(
                    'glue', Wait::hours(40),
                )]),
            ])],
        );
        $at = self::starts((new TaskSearch(100))->plan($problem));
        self::assertSame(['16:50', '08:00'], [$at['p mount'], $at['p turn']], 'the evening before');
        $pinned = (new TaskSearch(100))->plan($problem->withPinned([new Pin('p', 'mount', self::at('09:00'))]));
        self::assertSame([], $pinned->broken);
        self::assertSame('09:00', self::starts($pinned)['p mount']);
    }

    public function test_what_others_do_meanwhile_makes_no_mount_longer_than_it_must_be(): void
    {
        $needs = ['turner' => 1, 'mounts' => 1];
        $problem = Problem::of(
            self::at('08:00'), WorkingHours::read(Document::of(['hours' => ['tue' => [['08:00', '17:00']]]])),
            ['turner' => 2, 'mounts' => 1], [
                Job::of('p', null, 1.0, [
                    Task::of('mount', 10, new Claims($needs, keeps: [Hold::until('turn', 'mounts')])),
                    Task::of('glue', 30, new Claims(['turner' => 1])),
                    Task::of('turn', 20, new Claims($needs), [
                        new Lag('mount', Wait::none()), new Lag('glue', Wait::none()),
                    ]),
                ]),
                Job::of('q', null, 1.0, [Task::of('t', 60, new Claims($needs))]),
            ],
        );
        $plan = (new TaskSearch(100))->plan($problem->withPinned([new Pin('q', 't', self::at('08:50'))]));
        self::assertSame(
            ['p glue' => '08:00', 'p mount' => '08:20', 'p turn' => '08:30', 'q t' => '08:50'],
            self::sorted(self::starts($plan)),
        );
    }

    public function test_a_pin_on_the_lathe_while_another_pinned_piece_is_mounted_is_refused_by_name(): void
    {
        $this->expectExceptionObject(InvalidField::because(
            'pinned.1.start', '2026-12-01T11:00:00Z', new Said('schedule.problem.pins-clash'),
        ));
        self::plan([
            'pieces' => [self::onLathe('a', [10, 20]), self::onLathe('b', [10])],
            'pinned' => [self::pin('a', 't0', '08:30'), self::pin('a', 't1', '11:00'), self::pin('b', 't0', '09:00')],
        ]);
    }

    public function test_a_plan_that_stands_is_left_where_it_would_have_the_lathe_twice(): void
    {
        $last = [
            self::pin('a', 't0', '09:00'), self::pin('a', 't1', '11:00'), self::pin('b', 't0', '09:30'),
            self::pin('b', 't1', '09:40'),
        ];
        $plan = self::plan(['pieces' => [self::onLathe('a', [10, 20]), self::onLathe('b', [10, 20])], 'last' => $last]);
        $at = self::starts($plan);
        self::assertSame(['09:30', '09:40'], [$at['b t0'], $at['b t1']]);
        self::assertTrue($at['a t1'] <= '09:10' || $at['a t0'] >= '10:00', 'one is on the lathe at a time');
    }

    public function test_what_is_new_in_a_piece_on_the_lathe_waits_with_it_for_the_other_piece(): void
    {
        $last = [self::pin('a', 't0', '09:00'), self::pin('b', 't0', '09:10'), self::pin('b', 't1', '09:20')];
        $plan = self::plan(['pieces' => [self::onLathe('a', [10, 90]), self::onLathe('b', [10, 20])], 'last' => $last]);
        $at = self::starts($plan);
        self::assertSame(['09:10', '09:20'], [$at['b t0'], $at['b t1']]);
        self::assertSame(['09:40', '09:50'], [$at['a t0'], $at['a t1']]);
    }

    public function test_who_is_behind_does_between_two_steps_of_one_mount_what_stood_between_them(): void
    {
        $last = [
            self::pin('a', 't0', '08:00'), self::pin('b', 'wipe', '08:10'), self::pin('a', 't1', '08:20'),
            ['piece' => 'b', 'task' => 'coat', 'start' => '2026-12-02T09:00:00Z'],
        ];
        $wiped = ['id' => 'b', 'tasks' => [
            ['id' => 'wipe', 'minutes' => 10, 'needs' => ['turner' => 1]],
            ['id' => 'coat', 'minutes' => 10, 'needs' => ['turner' => 1], 'after' => [
                ['task' => 'wipe', 'min_hours' => 24.3],
            ]],
        ]];
        $at = self::starts(self::plan([
            'start' => '2026-12-01T08:03:00Z', 'pieces' => [self::onLathe('a', [10, 20]), $wiped], 'last' => $last,
        ]));
        self::assertSame(['a t0' => '08:03', 'b wipe' => '08:13', 'a t1' => '08:23', 'b coat' => '09:00'], $at);
    }

    /**
     * A piece whose steps follow one another in one mount.
     *
     * @param  list<int>  $minutes
     * @return array<string, mixed>
     */
    private static function onLathe(string $id, array $minutes): array
    {
        $tasks = [];
        foreach ($minutes as $n => $many) {
            $tasks[] = [
                'id' => "t$n", 'minutes' => $many, 'needs' => ['turner' => 1, 'mounts' => 1],
                'holds' => $n + 1 < count($minutes) ? ['mounts' => 1] : [],
                'after' => $n === 0 ? [] : [['task' => 't'.($n - 1)]],
            ];
        }

        return ['id' => $id, 'tasks' => $tasks];
    }

    /** @return array<string, string> */
    private static function pin(string $piece, string $task, string $at): array
    {
        return ['piece' => $piece, 'task' => $task, 'start' => "2026-12-01T$at:00Z"];
    }

    private static function at(string $time): int
    {
        return (int) strtotime("2026-12-01T$time:00Z");
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function shop(array $document): array
    {
        return $document + [
            'start' => '2026-12-01T08:00:00Z', 'resources' => ['turner' => 1, 'mounts' => 1],
            'hours' => array_fill_keys(['tue', 'wed'], [['08:00', '17:00']]),
        ];
    }

    /** @param  array<string, mixed>  $document */
    private static function decoder(array $document): Decoder
    {
        $work = new Workload(ProblemDocument::read(Document::of(self::shop($document))));
        $waits = new WaitTimes([], null);
        $decoder = new Decoder($work, $waits, (new Alone($work, $waits))->late);

        return $decoder;
    }

    /** @param  array<string, mixed>  $document */
    private static function plan(array $document): Plan
    {
        return (new TaskSearch(3_000))->plan(ProblemDocument::read(Document::of(self::shop($document))));
    }

    /** @return list<string> when each task starts */
    private static function times(Decoder $decoder): array
    {
        return array_map(fn (int $start): string => gmdate('H:i', $start), array_values($decoder->start));
    }

    /**
     * @param  array<string, string>  $at
     * @return array<string, string> by name
     */
    private static function sorted(array $at): array
    {
        ksort($at);

        return $at;
    }

    /** @return array<string, string> */
    private static function starts(Plan $plan): array
    {
        $at = [];
        foreach ($plan->tasks as $placed) {
            $at["$placed->piece {$placed->task->id}"] = gmdate('H:i', $placed->start);
        }

        return $at;
    }
}
