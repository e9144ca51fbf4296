<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use HonestGrain\Words\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Recoat windows: kept wherever an empty shop could keep them, and honestly given up where none could. */
final class WindowTest extends TestCase
{
    private const DAY = [['08:00', '12:00'], ['13:00', '17:00']];

    /**
     * @param  array{float, float}  $window
     */
    #[DataProvider('windows')]
    public function test_what_one_piece_alone_can_keep_is_kept_among_twelve(array $window, int $seed): void
    {
        mt_srand($seed);
        $pieces = [];
        for ($p = 0; $p < 12; $p++) {
            $coats = [];
            for ($t = 0, $count = mt_rand(2, 5); $t < $count; $t++) {
                $closing = mt_rand(0, 2) > 0;
                $coats[] = [
                    "c$t", [10, 20, 45][mt_rand(0, 2)],
                    $t === 0 ? null : ['c'.($t - 1), $closing ? $window[0] : 24, $closing ? $window[1] : null],
                ];
            }
            $pieces["p$p"] = $coats;
        }
        $alone = 0;
        foreach ($pieces as $id => $coats) {
            $alone += count($this->plan([$id => $coats])->broken);
        }
        self::assertCount($alone, $this->plan($pieces)->broken);
    }

    /** @return iterable<string, array{array{float, float}, int}> */
    public static function windows(): iterable
    {
        foreach ([
            'wiping varnish' => [4, 18], 'epoxy while tacky' => [5, 14], 'an hour wide' => [1, 2],
            'a quarter of an hour' => [0, 0.25],
        ] as $name => $window) {
            foreach ([31, 32, 33] as $seed) {
                yield "$name, $seed" => [$window, $seed];
            }
        }
    }

    public function test_of_a_chain_that_cannot_be_kept_only_one_window_is_given_up(): void
    {
        // Each coat wants the next within 5 to 14 h: two fit into a day, a third does not, and the pair before it need
        // not suffer.
        $plan = $this->plan(['p' => [['c0', 20, null], ['c1', 20, ['c0', 5, 14]], ['c2', 20, ['c1', 5, 14]]]]);
        self::assertCount(1, $plan->broken);
        self::assertSame('c2', $plan->broken[0]->task);
        $at = $this->starts($plan);
        self::assertLessThanOrEqual(14 * 3600, $at['c1'] - $at['c0']);
    }

    public function test_a_window_far_in_the_future_is_not_given_up_for_its_distance(): void
    {
        $plan = $this->plan(
            ['p' => [['seal', 20, null], ['coat', 20, ['seal', 24 * 90, null]], ['recoat', 20, ['coat', 6, 8]]]],
        );
        self::assertSame([], $plan->broken);
        self::assertLessThanOrEqual(8 * 3600 + 1200, $this->starts($plan)['recoat'] - $this->starts($plan)['coat']);
    }

    public function test_what_waits_for_its_window_alone_is_not_said_to_wait_for_hours_or_hands(): void
    {
        // On Friday the recoat would fall into the weekend.
        $plan = $this->plan(
            ['p' => [['c0', 30, null], ['c1', 30, ['c0', 20, 30]]]], '2026-12-11T08:00:00Z',
        );
        self::assertSame('C0: held back 3.0 days', ucfirst(Told::of($plan->late[0]->because[0])));
    }

    public function test_a_closure_moves_the_coat_before_it(): void
    {
        // Thursday 24th at noon: the recoat would fall on the closed 25th, and the shop opens again on Monday.
        $plan = $this->plan(
            ['p' => [['c0', 30, null], ['c1', 30, ['c0', 20, 30]]]], '2026-12-24T08:00:00Z', ['2026-12-25'],
        );
        self::assertSame([], $plan->broken);
        self::assertSame('2026-12-28', gmdate('Y-m-d', $this->starts($plan)['c0']));
        self::assertSame('2026-12-29', gmdate('Y-m-d', $this->starts($plan)['c1']));
    }

    public function test_a_long_closure_does_not_make_a_window_look_hopeless(): void
    {
        $closed = [];
        for ($day = 2; $day <= 31; $day++) {
            $closed[] = sprintf('2026-12-%02d', $day);
        }
        $plan = $this->plan(['p' => [['c0', 30, null], ['c1', 30, ['c0', 20, 30]]]], '2026-12-01T15:00:00Z', $closed);
        self::assertSame([], $plan->broken);
        self::assertSame('2027-01-04', gmdate('Y-m-d', $this->starts($plan)['c0']));
    }

    public function test_a_week_of_closure_in_an_evening_shop_breaks_no_window_that_can_be_kept(): void
    {
        // Four coats a day or three apart, from 18:00 to 21:00 and on Sundays, and eight closed days ahead.
        $evening = [['18:00', '21:00']];
        $hours = array_fill_keys(
            ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'], $evening,
        ) + ['sun' => [['08:00', '12:00'], ['13:00', '17:00']]];
        $closed = array_map(fn (int $day): string => sprintf('2026-12-%02d', $day), range(6, 13));
        $task = fn (string $id, int $minutes, array $after): array => [
            'id' => $id, 'minutes' => $minutes, 'needs' => ['turner' => 1], 'after' => $after,
        ];
        $lag = fn (string $task, int $min, int $max): array => [
            ['task' => $task, 'min_hours' => $min, 'max_hours' => $max],
        ];
        $plan = (new TaskSearch(20_000))->plan(ProblemDocument::read(Document::of([
            'start' => '2026-12-01T08:00:00Z', 'hours' => $hours, 'closed' => $closed, 'resources' => ['turner' => 1],
            'pieces' => [['id' => 'p', 'due' => null, 'weight' => 1, 'tasks' => [
                $task('t0', 90, []), $task('t1', 90, $lag('t0', 24, 72)), $task(
                    't2', 120, $lag('t1', 24, 34),
                ), $task('t3', 60, $lag('t2', 24, 72)),
            ]]],
        ])));
        self::assertSame([], $plan->broken);
    }

    public function test_the_most_impossible_windows_still_take_no_time(): void
    {
        mt_srand(41);
        $pieces = [];
        for ($p = 0; $p < 60; $p++) {
            $coats = [];
            for ($t = 0; $t < 25; $t++) {
                $coats[] = ["c$t", 15, $t === 0 ? null : ['c'.($t - 1), 5, mt_rand(0, 1) === 1 ? 14 : null]];
            }
            $pieces["p$p"] = $coats;
        }
        $plan = $this->plan($pieces);
        self::assertCount(1500, $plan->tasks);
        self::assertNotSame([], $plan->broken);
        $reported = array_map(fn ($window): string => "$window->piece $window->task", $plan->broken);
        foreach ($plan->tasks as $placed) {
            foreach ($placed->task->after as $lag) {
                $end = array_values(
                    array_filter(
                        $plan->tasks,
                        fn ($other): bool => $other->piece === $placed->piece && $other->task->id === $lag->task,
                    ),
                )[0]->end;
                $kept = $lag->wait->maxHours === null || $placed->start <= $end + $lag->wait->maxHours * 3600;
                self::assertTrue($kept || in_array("$placed->piece {$placed->task->id}", $reported, true));
            }
        }
    }

    public function test_a_cold_night_widens_a_window_that_the_clock_would_miss(): void
    {
        // By the tin the window shuts after 12 h, in the night; at 11 °C the coat has aged half as fast and is still
        // open in the morning.
        $tasks = [
            Task::of('c0', 20, new Claims(['turner' => 1])),
            Task::of('c1', 20, new Claims(['turner' => 1]), [new Lag('c0', Wait::hours(4, 12, Kinetics::of(2.0)))]),
        ];
        $hours = WorkingHours::read(
            Document::of(['hours' => ['tue' => [['16:00', '17:00']], 'wed' => [['08:00', '09:00']]]]),
        );
        $start = (int) strtotime('2026-12-01T08:00:00Z');
        $air = fn (float $night): CureClock => Drawn::clock(
            DayNightClimate::of(21, 50, $night, 50, 9, 18, new \DateTimeZone('UTC')),
        );
        $plan = fn (float $night): Plan => (new TaskSearch(20_000))->plan(
            Problem::of($start, $hours, ['turner' => 1], [Job::of('p', null, 1, $tasks)], $air($night)),
        );

        self::assertSame([], $plan(11)->broken);
        self::assertCount(1, $plan(21)->broken);
    }

    public function test_reasons_name_pieces_and_steps_as_the_maker_does(): void
    {
        $task = fn (string $id, string $title, array $after = []): Task => Task::of(
            $id, 120, new Claims(['turner' => 1]), $after, title: Said::name($title),
        );
        $start = (int) strtotime('2026-12-01T08:00:00Z');
        $hours = WorkingHours::read(
            Document::of(['hours' => array_fill_keys(['tue', 'wed', 'thu'], [['08:00', '12:00']])]),
        );
        $plan = (new TaskSearch(20_000))->plan(Problem::of($start, $hours, ['turner' => 1], [
            Job::of('7', $start + 3 * 3600, 2, [$task('a', 'sand the outside')], name: 'Ebb bowl'),
            Job::of(
                '8', $start + 3 * 3600, 1,
                [$task('a', 'coat 1 of 2'), $task('b', 'coat 2 of 2', [new Lag('a', Wait::hours(12))])],
                name: 'Gorse vase',
            ),
        ]));
        self::assertCount(1, $plan->late);
        self::assertSame(
            [
                'Coat 1 of 2: hands with Ebb bowl 2.0 h', 'Coat 2 of 2: must wait 12.0 h',
                'Coat 2 of 2: shop shut 8.0 h',
            ],
            Told::each($plan->late[0]->because),
        );
    }

    /**
     * @param  array<string, list<array{string, int, array{string, float|int, float|int|null}|null}>>  $pieces
     * @param  list<string>  $closed
     */
    private function plan(array $pieces, string $start = '2026-12-01T08:00:00Z', array $closed = []): Plan
    {
        $document = [
            'start' => $start, 'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], self::DAY),
            'closed' => $closed, 'resources' => ['turner' => 1], 'pieces' => [],
        ];
        foreach ($pieces as $id => $coats) {
            $tasks = array_map(fn (array $coat): array => [
                'id' => $coat[0], 'minutes' => $coat[1], 'needs' => ['turner' => 1],
                'after' => $coat[2] === null
                    ? [] : [['task' => $coat[2][0], 'min_hours' => $coat[2][1], 'max_hours' => $coat[2][2]]],
            ], $coats);
            $document['pieces'][] = ['id' => $id, 'due' => '2026-12-12T17:00:00Z', 'weight' => 1, 'tasks' => $tasks];
        }

        return (new TaskSearch(20_000))->plan(ProblemDocument::read(Document::of($document)));
    }

    /** @return array<string, int> task => start, for a plan of one piece */
    private function starts(Plan $plan): array
    {
        $at = [];
        foreach ($plan->tasks as $placed) {
            $at[$placed->task->id] = $placed->start;
        }

        return $at;
    }
}
