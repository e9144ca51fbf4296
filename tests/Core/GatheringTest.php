<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Grouping;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Internal\Decoder;
use HonestGrain\Schedule\Internal\Gathering;
use HonestGrain\Schedule\Internal\WaitTimes;
use HonestGrain\Schedule\Internal\Workload;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\TestCase;

/** What a piece is mounted for is done right behind the mounting, where nothing is worse for it. */
final class GatheringTest extends TestCase
{
    private const CHUCKS = 2;

    public function test_a_piece_is_mounted_right_before_it_is_worked_on_and_the_others_go_before(): void
    {
        $decoder = self::gathered([self::mounted('m', [10, 60]), self::desk('b', [30]), self::desk('c', [20])], [
            0, 1, 2, 0,
        ]);
        self::assertSame(['m0' => '08:50', 'm1' => '09:00', 'b0' => '08:00', 'c0' => '08:30'], $decoder);
    }

    public function test_all_of_one_mount_is_brought_together(): void
    {
        $at = self::gathered([self::mounted('m', [10, 15, 5]), self::desk('b', [30]), self::desk('c', [20])], [
            0, 1, 0, 2, 0,
        ]);
        self::assertSame(['m0' => '08:50', 'm1' => '09:00', 'm2' => '09:15', 'b0' => '08:00', 'c0' => '08:30'], $at);
    }

    public function test_two_mounts_across_one_another_are_taken_apart(): void
    {
        $at = self::gathered([self::mounted('m', [10, 60]), self::mounted('n', [20, 30])], [0, 1, 0, 1]);
        self::assertSame(['m0' => '08:00', 'm1' => '08:10', 'n0' => '09:10', 'n1' => '09:30'], $at);
    }

    public function test_where_the_others_cannot_be_sooner_it_goes_as_near_as_there_is_room(): void
    {
        $later = self::desk('b', [30]);
        $later['tasks'][0]['not_before'] = '2026-12-01T08:30:00Z';
        self::assertSame(['m0' => '08:20', 'm1' => '09:00', 'b0' => '08:30'], self::gathered(
            [self::mounted('m', [10, 60]), $later], [1, 0, 0], notBefore: ['m1' => '09:00'],
        ));
        self::assertSame(['m0' => '08:50', 'm1' => '09:00', 'b0' => '08:10'], self::gathered(
            [self::mounted('m', [10, 60]), self::desk('b', [30])], [0, 1, 0],
            notBefore: ['b0' => '08:10', 'm1' => '09:00'],
        ));
    }

    public function test_no_window_is_missed_for_it(): void
    {
        $coated = self::desk('b', [30, 20]);
        $coated['tasks'][1] += ['not_before' => '2026-12-01T09:50:00Z'];
        $coated['tasks'][1]['after'] = [['task' => 'b0', 'max_hours' => 1.25]];
        $pieces = fn (array $other): array => [self::mounted('m', [10, 60]), $other];
        self::assertSame('08:10', self::gathered($pieces($coated), [0, 1, 0, 1])['b0'], 'its coat would be too old');
        $coated['tasks'][1]['after'][0]['max_hours'] = 2;
        self::assertSame('08:00', self::gathered($pieces($coated), [0, 1, 0, 1])['b0']);

        $wet = self::mounted('m', [10, 10, 60]);
        $wet['tasks'][0]['holds'] = [];
        $wet['tasks'][1]['after'] = [['task' => 'm0', 'max_hours' => 0.4]];
        $at = self::gathered([$wet, self::desk('b', [30])], [0, 0, 1, 0]);
        self::assertSame(['m1' => '08:10', 'm2' => '08:50'], array_slice($at, 1, 2), 'it would be mounted too late');
        $wet['tasks'][1]['after'][0]['max_hours'] = 1;
        self::assertSame('08:40', self::gathered([$wet, self::desk('b', [30])], [0, 0, 1, 0])['m1']);
    }

    public function test_what_has_to_dry_on_the_lathe_is_not_put_off(): void
    {
        $coated = self::mounted('m', [10, 60]);
        $coated['tasks'][1]['after'][0]['min_hours'] = 0.25;
        $at = self::gathered([$coated, self::desk('b', [10]), self::desk('c', [20])], [0, 1, 2, 0]);
        self::assertSame(['m0' => '08:00', 'm1' => '08:40', 'b0' => '08:10', 'c0' => '08:20'], $at);
    }

    public function test_what_has_missed_its_window_is_not_done_later_still(): void
    {
        $late = self::mounted('m', [10, 60]);
        $late['tasks'][0]['not_after'] = '2026-12-01T07:00:00Z';
        self::assertSame('08:00', self::gathered([$late, self::desk('b', [30])], [0, 1, 0])['m0']);
        $late['tasks'][0]['not_after'] = '2026-12-01T08:20:00Z';
        self::assertSame('08:00', self::gathered([$late, self::desk('b', [30])], [0, 1, 0])['m0'], 'nor is one missed');
        $late['tasks'][0]['not_after'] = '2026-12-01T08:30:00Z';
        self::assertSame('08:30', self::gathered([$late, self::desk('b', [30])], [0, 1, 0])['m0']);
    }

    public function test_what_is_on_the_lathe_already_is_not_left_there_longer(): void
    {
        $needs = ['turner' => 1, 'mounts' => 1];
        $work = new Workload(Problem::of(
            (int) strtotime('2026-12-01T08:00:00Z'),
            WorkingHours::read(Document::of(['hours' => ['tue' => [['08:00', '18:00']]]])),
            ['turner' => 1, 'mounts' => self::CHUCKS], [
                Job::of('m', null, 1.0, [
                    Task::of('m0', 10, new Claims($needs, ['mounts' => 1], heldNow: ['mounts' => 1])),
                    Task::of('m1', 60, new Claims($needs), [new Lag('m0', Wait::none())]),
                ]), Job::of('b', null, 1.0, [Task::of('b0', 30, new Claims(['turner' => 1]))]),
            ],
        ));
        $decoder = new Decoder($work, new WaitTimes([], null));
        $decoder->run([0, 1, 0]);
        (new Gathering($work, $decoder))->run();
        self::assertSame(['08:00', '08:40', '08:10'], array_map(
            fn (int $start): string => gmdate('H:i', $start), $decoder->start,
        ));
    }

    public function test_what_is_pinned_or_stood_in_the_plan_before_stays(): void
    {
        $pieces = [self::mounted('m', [10, 60]), self::desk('b', [30])];
        $pinned = fn (string $task, string $at): array => [
            'piece' => $task[0], 'task' => $task, 'start' => "2026-12-01T$at:00Z",
        ];
        $all = [$pinned('m0', '08:00'), $pinned('b0', '08:10'), $pinned('m1', '08:40')];
        foreach ([[], array_slice($all, 0, 1), array_slice($all, 1, 1)] as $pins) {
            $at = self::gathered($pieces, [0, 1, 0], pinned: $pins);
            self::assertSame($pins === [] ? '08:30' : '08:00', $at['m0']);
        }
        self::assertSame(['m0' => '08:00', 'm1' => '08:40', 'b0' => '08:10'], self::planned($pieces, $all));
        self::assertSame('08:30', self::planned($pieces, [])['m0']);
        $behind = self::planned($pieces, $all, start: '2026-12-01T08:03:00Z');
        self::assertSame(['m0' => '08:03', 'm1' => '08:43', 'b0' => '08:13'], $behind);
    }

    public function test_what_is_dusted_off_is_coated_right_behind_it_and_the_others_go_before(): void
    {
        $pieces = [self::dusted('d', [10, 60]), self::desk('b', [30]), self::desk('c', [20])];
        $at = self::gathered($pieces, [0, 1, 2, 0]);
        self::assertSame(['d0' => '08:50', 'd1' => '09:00', 'b0' => '08:00', 'c0' => '08:30'], $at);
        $pieces[0] = self::desk('d', [10, 60]);
        $at = self::gathered($pieces, [0, 1, 2, 0]);
        self::assertSame(['d0' => '08:00', 'd1' => '09:00', 'b0' => '08:10', 'c0' => '08:40'], $at, 'it may wait');
    }

    public function test_no_mount_waits_for_what_is_dusted_off(): void
    {
        // It is dusted off where it is mounted: the sooner that is over, the sooner another one can be.
        $last = self::mounted('m', [10, 5, 60]);
        $last['tasks'][1]['holds'] = [];
        unset($last['tasks'][2]['needs']['mounts']);
        $last['tasks'][2]['after'][0]['soon'] = true;
        foreach ([30, 200] as $minutes) {
            $at = self::gathered([$last, self::desk('b', [$minutes])], [0, 0, 1, 0], notBefore: ['m2' => '13:00']);
            self::assertSame(['m0' => '08:00', 'm1' => '08:10'], array_slice($at, 0, 2));
        }
        // What is mounted goes to what it is mounted for, though something else was dusted off for it.
        $pieces = [self::mounted('m', [10, 60]), self::dusted('d', [10, 30])];
        $at = self::gathered($pieces, [0, 1, 0, 1]);
        self::assertSame(['m0' => '08:00', 'm1' => '08:10', 'd0' => '09:10', 'd1' => '09:20'], $at);
        // And what would be mounted sooner for it, and be there longer, is not.
        $at = self::gathered([self::mounted('m', [10, 60]), self::dusted('d', [10, 30])], [1, 0, 1, 0], notBefore: [
            'd1' => '08:20', 'm1' => '08:50',
        ]);
        self::assertSame(['m0' => '08:10', 'm1' => '08:50', 'd0' => '08:00', 'd1' => '08:20'], $at);
    }

    public function test_one_that_would_change_batches_more_often_does_not_keep_another_from_it(): void
    {
        $batched = function (array $piece, string $batch): array {
            $piece['tasks'][0]['batch'] = $batch;

            return $piece;
        };
        $pieces = [
            $batched(self::dusted('d', [10, 60]), 'red'), $batched(self::desk('c', [20]), 'red'),
            $batched(self::desk('b', [30]), 'blue'), self::dusted('e', [10, 60]), self::desk('f', [15]),
        ];
        // Red, red, blue: behind the blue one red would come anew.
        $at = self::gathered($pieces, [0, 1, 2, 0, 3, 4, 3]);
        self::assertSame(['d0' => '08:00', 'e0' => '10:15'], array_intersect_key($at, ['d0' => 0, 'e0' => 0]));
    }

    public function test_changes_of_batch_are_not_made_more(): void
    {
        $desk = fn (string $id, string $batch): array => ['id' => $id, 'tasks' => [
            ['batch' => $batch] + self::desk($id, [30])['tasks'][0],
        ]];
        // One maker mounts and has red, the other one has blue a little later and then red.
        foreach (['green' => '08:30', 'red' => '08:00'] as $colour => $at) {
            $pieces = [self::mounted('m', [10, 60]), $desk('b', 'red'), $desk('c', $colour), $desk('d', 'blue')];
            self::assertSame($at, self::gathered(
                $pieces, [0, 3, 1, 2, 0], notBefore: ['d0' => '08:05'], resources: ['turner' => 2],
            )['m0'], $colour);
        }
    }

    public function test_in_shops_at_random_nothing_is_worse_and_all_of_it_can_be(): void
    {
        $idleBefore = $idleAfter = 0;
        foreach (range(1, 100) as $seed) {
            mt_srand($seed);
            $jobs = $list = [];
            foreach (range(0, 8) as $p) {
                $jobs[] = self::random("p$p", isMounted: $p < 5);
                array_push($list, ...array_map(fn (): int => $p, $jobs[$p]->tasks));
            }
            shuffle($list);
            $work = new Workload(Problem::of(
                (int) strtotime('2026-12-01T08:00:00Z'), WorkingHours::read(Document::of(['hours' => array_fill_keys(
                    ['tue', 'wed', 'thu', 'fri'], [['08:00', '12:00'], ['13:00', '18:00']],
                )])), ['turner' => 1 + $seed % 2, 'mounts' => self::CHUCKS, 'air' => 2], $jobs,
            ));
            $decoder = new Decoder($work, new WaitTimes($work->waits, null));
            $decoder->run($list);
            [$stood, $broken, $ends] = [self::idle($work, $decoder), $decoder->broken, self::ends($work, $decoder)];
            (new Gathering($work, $decoder))->run();
            self::assertLessThanOrEqual($stood, self::idle($work, $decoder));
            foreach (self::ends($work, $decoder) as $piece => $end) {
                self::assertLessThanOrEqual($ends[$piece], $end);
            }
            self::assertCanBe($work, $decoder, $broken);
            $idleBefore += $stood;
            $idleAfter += self::idle($work, $decoder);
        }
        self::assertLessThan(0.95 * $idleBefore, $idleAfter);
    }

    private static function random(string $id, bool $isMounted): Job
    {
        $tasks = [];
        for ($n = 0, $count = mt_rand(2, 5); $n < $count; $n++) {
            $least = mt_rand(0, 3) === 0 ? mt_rand(0, 3) : 0;
            $tasks[] = Task::of(
                "$id$n", 5 * mt_rand(1, 9), new Claims(
                    ['turner' => 1] + ($isMounted ? ['mounts' => 1] : []) + (mt_rand(0, 2) ? [] : ['air' => 2]),
                    $isMounted && $n + 1 < $count ? ['mounts' => 1] : [],
                    mt_rand(0, 3) === 0 ? [Hold::for(Wait::hours(0.4), 'air')] : [],
                ), $n === 0 ? [] : [new Lag(
                    $id.($n - 1), Wait::hours($least, mt_rand(0, 3) === 0 ? $least + 2 : null),
                )], new Grouping(splittable: mt_rand(0, 9) === 0),
            );
        }

        return Job::of($id, null, 1.0, $tasks);
    }

    /** Seconds for which something is held while nothing is done with it. */
    private static function idle(Workload $work, Decoder $decoder): int
    {
        $idle = 0;
        foreach ($work->heldFor as $t => $held) {
            foreach ($held as [$holder]) {
                $idle += $decoder->start[$t] - $decoder->end[$holder];
            }
        }

        return $idle;
    }

    /** @return list<int> piece => second (UTC) */
    private static function ends(Workload $work, Decoder $decoder): array
    {
        return array_map($decoder->lastEndOf(...), array_keys($work->due));
    }

    /** @param  array<int, true>  $broken  windows that were missed before */
    private static function assertCanBe(Workload $work, Decoder $decoder, array $broken): void
    {
        $takes = [];
        foreach ($decoder->start as $t => $start) {
            foreach ($work->tasks[$t]->takes->needs as $name => $quantity) {
                $takes[$name][] = [$start, $decoder->end[$t], $quantity];
            }
            foreach ($work->heldFor[$t] as [$holder]) {
                $takes['mounts'][] = [$decoder->end[$holder], $start, 1];
            }
            foreach ($work->holdsAfter[$t] as [, $quantity]) {
                $takes['air'][] = [$decoder->end[$t], $decoder->end[$t] + 1440, $quantity];
            }
            foreach ($work->before[$t] as [$earlier, $least, $most]) {
                self::assertGreaterThanOrEqual($decoder->end[$earlier] + $least, $start);
                if ($most >= 0 && ! isset($broken[$t])) {
                    self::assertLessThanOrEqual($decoder->end[$earlier] + $most, $start);
                }
            }
        }
        foreach ($takes as $name => $all) {
            foreach ($all as [$at]) {
                $used = 0;
                foreach ($all as [$from, $until, $quantity]) {
                    $used += $from <= $at && $at < $until ? $quantity : 0;
                }
                self::assertLessThanOrEqual($work->problem->resources[$name], $used, $name);
                $number = $work->resources[$name] ?? null;
                if ($number !== null && $used < $work->capacity[$number]) {
                    $left = $work->capacity[$number] - $used;
                    self::assertSame($at, $decoder->timetable->freeFrom($number, $left, $at, $at + 1), 'it is free');
                }
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<int>  $list
     * @param  array<string, string>  $notBefore  by task
     * @param  list<array<string, string>>  $pinned
     * @param  array<string, int>  $resources
     * @return array<string, string> task => when it starts
     */
    private static function gathered(
        array $pieces,
        array $list,
        array $notBefore = [],
        array $pinned = [],
        array $resources = [],
    ): array {
        foreach ($pieces as $p => $piece) {
            foreach ($piece['tasks'] as $n => $task) {
                if (isset($notBefore[$task['id']])) {
                    $pieces[$p]['tasks'][$n]['not_before'] = "2026-12-01T{$notBefore[$task['id']]}:00Z";
                }
            }
        }
        $work = self::work($pieces, $resources, $pinned);
        $decoder = new Decoder($work, new WaitTimes([], null));
        $decoder->run($list);
        (new Gathering($work, $decoder))->run();
        $at = [];
        foreach ($work->tasks as $t => $task) {
            $at[$task->id] = gmdate('H:i', $decoder->start[$t]);
        }

        return $at;
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<array<string, string>>  $last
     * @return array<string, string> task => when it starts
     */
    private static function planned(array $pieces, array $last, string $start = '2026-12-01T08:00:00Z'): array
    {
        $problem = ProblemDocument::read(Document::of(
            ['start' => $start, 'last' => $last] + self::document($pieces, []),
        ));
        $at = [];
        foreach ($problem->jobs as $job) {
            foreach ((new TaskSearch(10))->plan($problem)->tasks as $placed) {
                if ($placed->piece === $job->id) {
                    $at[$placed->task->id] = gmdate('H:i', $placed->start);
                }
            }
        }

        return $at;
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  array<string, int>  $resources
     * @param  list<array<string, string>>  $pinned
     */
    private static function work(array $pieces, array $resources, array $pinned = []): Workload
    {
        return new Workload(ProblemDocument::read(Document::of(
            self::document($pieces, $resources) + ['pinned' => $pinned],
        )));
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  array<string, int>  $resources
     * @return array<string, mixed>
     */
    private static function document(array $pieces, array $resources): array
    {
        return [
            'start' => '2026-12-01T08:00:00Z', 'pieces' => $pieces,
            'resources' => $resources + ['turner' => 1, 'mounts' => self::CHUCKS],
            'hours' => array_fill_keys(['tue', 'wed', 'thu', 'fri'], [['08:00', '18:00']]),
        ];
    }

    /**
     * A piece whose steps follow one another in one mount.
     *
     * @param  list<int>  $minutes
     * @return array<string, mixed>
     */
    private static function mounted(string $id, array $minutes): array
    {
        $piece = self::desk($id, $minutes);
        foreach (array_keys($piece['tasks']) as $n) {
            $piece['tasks'][$n]['needs']['mounts'] = 1;
            $piece['tasks'][$n]['holds'] = isset($minutes[$n + 1]) ? ['mounts' => 1] : [];
        }

        return $piece;
    }

    /**
     * What each task makes clean for the next does not stay so.
     *
     * @param  list<int>  $minutes
     * @return array<string, mixed>
     */
    private static function dusted(string $id, array $minutes): array
    {
        $piece = self::desk($id, $minutes);
        foreach (array_keys(array_slice($minutes, 1)) as $n) {
            $piece['tasks'][$n + 1]['after'][0]['soon'] = true;
        }

        return $piece;
    }

    /**
     * @param  list<int>  $minutes
     * @return array<string, mixed>
     */
    private static function desk(string $id, array $minutes): array
    {
        $tasks = [];
        foreach ($minutes as $n => $many) {
            $tasks[] = [
                'id' => "$id$n", 'minutes' => $many, 'needs' => ['turner' => 1],
                'after' => $n === 0 ? [] : [['task' => $id.($n - 1)]],
            ];
        }

        return ['id' => $id, 'tasks' => $tasks];
    }
}
