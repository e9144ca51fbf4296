<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Command\ProblemDocument;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Questions;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\TestCase;

/** How likely a piece is in time, and which dates a new plan has moved. */
final class ChanceTest extends TestCase
{
    public function test_with_nothing_uncertain_what_is_planned_comes_true(): void
    {
        foreach (['small', 'middle'] as $kind) {
            foreach ([1, 4, 6, 8, 10] as $number) {
                $plan = self::plan(Shops::document($kind, $number) + ['futures' => 3, 'spread' => 0]);
                $late = array_map(fn ($piece): string => $piece->piece, $plan->late);
                foreach ($plan->outlook->chances as $piece => $chance) {
                    self::assertSame(in_array($piece, $late, true) ? 0.0 : 1.0, $chance, "$kind $number $piece");
                }
            }
        }
    }

    public function test_the_chance_of_one_task_is_the_share_of_its_spread_that_is_in_time(): void
    {
        // 100 minutes, a quarter less to a quarter more: 75 to 125, evenly.
        foreach (['09:15' => 0.0, '09:30' => 0.3, '09:40' => 0.5, '10:00' => 0.9, '10:10' => 1.0] as $due => $chance) {
            $plan = self::plan(self::day([['id' => 'p', 'due' => "2026-12-01T$due:00Z", 'tasks' => [
                ['id' => 'a', 'minutes' => 100, 'needs' => ['turner' => 1]],
            ]]]) + ['futures' => 2000]);
            self::assertEqualsWithDelta($chance, $plan->outlook->chances['p'], 0.04, $due);
        }
    }

    public function test_a_wait_is_as_uncertain_as_the_work_and_what_is_never_due_is_in_time(): void
    {
        $tasks = [
            ['id' => 'a', 'minutes' => 0, 'needs' => []],
            ['id' => 'b', 'minutes' => 0, 'needs' => [], 'after' => [['task' => 'a', 'min_hours' => 10]]],
        ];
        $chance = fn (?string $due): float => self::plan(self::day([
            ['id' => 'p', 'due' => $due, 'tasks' => $tasks],
        ]) + ['futures' => 2000])->outlook->chances['p'];
        self::assertEqualsWithDelta(0.75, $chance('2026-12-01T19:15:00Z'), 0.04, '7.5 to 12.5 hours');
        self::assertSame(1.0, $chance(null));
    }

    public function test_a_wait_by_the_air_is_as_uncertain_as_any(): void
    {
        $start = (int) strtotime('2026-12-01T08:00:00Z');
        $chance = function (float $spread) use ($start): float {
            $wait = new Lag('a', Wait::hours(10, null, Kinetics::of(2.0)));
            $problem = Problem::of($start, WorkingHours::read(Document::of(['hours' => self::day([])['hours']])), [], [
                Job::of('p', $start + (int) (11.25 * 3600), 1, [
                    Task::of('a', 0, new Claims([])), Task::of('b', 0, new Claims([]), [$wait]),
                ]),
            ], Drawn::clock(ClimateRecord::of([[$start, 21.0, 50.0]])));

            return (new TaskSearch(3_000))->plan(
                $problem->asked(new Questions(futures: 2000, spread: $spread)),
            )->outlook->chances['p'];
        };
        self::assertEqualsWithDelta(0.75, $chance(0.25), 0.04, '7.5 to 12.5 hours');
        self::assertSame(1.0, $chance(0.0));
    }

    public function test_what_may_take_longer_than_any_stretch_is_broken_off(): void
    {
        $plan = self::plan(self::day([['id' => 'p', 'due' => '2026-12-02T09:00:00Z', 'tasks' => [
            ['id' => 'a', 'minutes' => 540, 'needs' => ['turner' => 1]],
        ]]]) + ['futures' => 400]);
        self::assertEqualsWithDelta(1.0, $plan->outlook->chances['p'], 0.3);
        self::assertGreaterThan(0.5, $plan->outlook->chances['p']);
    }

    public function test_dates_that_moved_by_more_than_two_hours_are_told(): void
    {
        $pieces = [
            ['id' => 'same', 'due' => null, 'tasks' => [['id' => 'a', 'minutes' => 60, 'needs' => ['turner' => 1]]]],
            ['id' => 'later', 'due' => null, 'tasks' => [
                ['id' => 'a', 'minutes' => 60, 'needs' => ['turner' => 1]],
                [
                    'id' => 'b', 'minutes' => 60, 'needs' => ['turner' => 1],
                    'after' => [['task' => 'a', 'min_hours' => 30]],
                ],
            ]],
        ];
        $pin = fn (string $piece, string $task, string $at): array => [
            'piece' => $piece, 'task' => $task, 'start' => "2026-12-0{$at}:00:00Z",
        ];
        $plan = self::plan(self::day($pieces) + ['last' => [
            $pin('same', 'a', '1T08'), $pin('later', 'a', '1T09'), $pin('later', 'b', '2T10'),
        ]]);
        self::assertSame([[
            'piece' => 'later', 'from' => '2026-12-02T11:00:00Z', 'to' => '2026-12-02T17:00:00Z',
        ]], $plan->outlook->moved());
        self::assertSame([], self::plan(self::day($pieces))->outlook->moved(), 'where nothing was before');
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @return array<string, mixed>
     */
    private static function day(array $pieces): array
    {
        return [
            'start' => '2026-12-01T08:00:00Z', 'resources' => ['turner' => 1], 'pieces' => $pieces,
            'hours' => ['tue' => [['08:00', '18:00']], 'wed' => [['08:00', '18:00']]],
        ];
    }

    /** @param  array<string, mixed>  $document */
    private static function plan(array $document): Plan
    {
        return (new TaskSearch(3_000))->plan(ProblemDocument::read(Document::of($document)));
    }
}
