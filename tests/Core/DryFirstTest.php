<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Bounds;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Pin;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\TestCase;

/** Who is behind makes no dust wait for a coat that could as well come after it. */
final class DryFirstTest extends TestCase
{
    private const ALL = 10;

    private const PLANNED = ['c0' => '11:50', 'd0' => '14:00', 'e0' => '14:40', 'f0' => '15:10'];

    public function test_what_makes_dust_goes_before_a_coat_that_has_missed_its_turn(): void
    {
        $at = self::plan(self::pieces(), '13:52');
        self::assertSame(['c0' => '15:05', 'd0' => '14:00', 'e0' => '14:40', 'f0' => '15:15'], $at);
    }

    public function test_what_is_to_be_done_soon_after_the_coat_goes_with_it(): void
    {
        $at = self::plan(['c' => [self::coat('c0'), self::wipe('c1', 'c0')]] + self::pieces(), '13:52', [
            'c1' => '12:00',
        ]);
        self::assertSame(['c0' => '15:05', 'c1' => '15:15', 'd0' => '14:00', 'e0' => '14:40'], array_slice($at, 0, 4));
    }

    public function test_in_time_it_stays_as_it_is(): void
    {
        self::assertSame(self::PLANNED, self::plan(self::pieces(), '11:50'));
        self::assertSame(self::PLANNED, self::plan(self::pieces(), '08:00'));
    }

    public function test_no_window_is_missed_and_no_piece_is_late_for_it(): void
    {
        $coat = fn (?string $closes): array => ['c' => [self::coat('c0', closes: $closes)]];
        self::assertSame('13:52', self::plan($coat('15:00') + self::pieces(), '13:52')['c0']);
        self::assertSame('15:05', self::plan($coat('15:05') + self::pieces(), '13:52')['c0']);
        self::assertSame('13:52', self::plan(self::pieces(), '13:52', due: ['c' => '14:30'])['c0']);
        self::assertSame('15:05', self::plan(self::pieces(), '13:52', due: ['c' => '15:15'])['c0']);
    }

    public function test_a_coat_that_is_dry_before_long_stays_where_it_is(): void
    {
        $coat = fn (float $hours): array => ['c' => [self::coat('c0', $hours)]];
        self::assertSame('13:52', self::plan($coat(0.6) + self::pieces(), '13:52')['c0']);
        self::assertSame('15:05', self::plan($coat(1.2) + self::pieces(), '13:52')['c0']);
    }

    public function test_what_makes_no_dust_is_not_waited_for(): void
    {
        $pieces = ['d' => [self::dusty('d0', needs: 0)], 'e' => [self::dusty('e0', needs: 0)]] + self::pieces();
        self::assertSame('13:52', self::plan($pieces, '13:52')['c0']);
        $long = ['f' => [self::dusty('f0', 100, 0)]] + self::pieces();
        self::assertSame('15:05', self::plan($long, '13:52')['c0']);
        $wet = ['f' => [self::coat('f0')]] + self::pieces();
        self::assertSame('15:05', self::plan($wet, '13:52')['c0'], 'one coat may dry beside another');
    }

    public function test_what_is_planned_for_another_day_is_not_waited_for(): void
    {
        $pieces = self::pieces() + ['g' => [self::dusty('g0')]];
        $at = self::plan($pieces, '13:52', ['g0' => '2026-12-02T09:00:00Z']);
        self::assertSame(['15:05', '09:00'], [$at['c0'], $at['g0']]);
    }

    public function test_the_order_in_which_somebody_wants_pieces_and_what_is_pinned_stay(): void
    {
        self::assertSame('13:55', self::plan(self::pieces(), '13:52', pinned: ['c0' => '13:55'])['c0']);
        $pieces = self::pieces() + ['g' => [self::dusty('g0', 5, 0)]];
        self::assertSame('15:05', self::plan($pieces, '13:52', ['g0' => '11:40'])['c0']);
        $at = self::plan($pieces, '13:52', ['g0' => '11:40'], behind: ['d' => 'c']);
        self::assertSame(['c0' => '13:57', 'd0' => '16:07'], array_slice($at, 0, 2));
    }

    public function test_what_is_on_the_lathe_already_is_taken_off_first(): void
    {
        $held = ['c' => [Task::of('c0', 10, new Claims(
            ['turner' => 1, 'air' => 1, 'lathe' => 1], keeps: [Hold::for(Wait::hours(2.0), 'air')],
            heldNow: ['lathe' => 1],
        ))], 'd' => [Task::of('d0', 40, new Claims(['turner' => 1, 'air' => self::ALL, 'lathe' => 1]))]];
        self::assertSame('13:52', self::plan($held + self::pieces(), '13:52')['c0']);
    }

    /** @return array<string, list<Task>> piece => its tasks: a coat, two that make dust and one that does not */
    private static function pieces(): array
    {
        return [
            'c' => [self::coat('c0')], 'd' => [self::dusty('d0')], 'e' => [self::dusty('e0', 25)],
            'f' => [self::dusty('f0', 25, 0)],
        ];
    }

    private static function coat(string $id, float $wetHours = 2.0, ?string $closes = null): Task
    {
        return Task::of($id, 10, new Claims(
            ['turner' => 1, 'air' => 1], keeps: [Hold::for(Wait::hours($wetHours), 'air')],
        ), bounds: new Bounds(null, $closes === null ? null : self::second($closes)));
    }

    private static function wipe(string $id, string $after): Task
    {
        return Task::of($id, 5, new Claims(['turner' => 1]), [new Lag($after, Wait::hours(0, 0.1))]);
    }

    private static function dusty(string $id, float $minutes = 40, int $needs = self::ALL): Task
    {
        return Task::of($id, $minutes, new Claims(['turner' => 1] + ($needs > 0 ? ['air' => $needs] : [])));
    }

    /**
     * @param  array<string, list<Task>>  $pieces
     * @param  array<string, string>  $planned  task => when it stood besides
     * @param  array<string, string>  $due  piece => when
     * @param  array<string, string>  $pinned  task => when
     * @param  array<string, string>  $behind  piece => the one that comes first
     * @return array<string, string> task => when it starts
     */
    private static function plan(
        array $pieces,
        string $now,
        array $planned = [],
        array $due = [],
        array $pinned = [],
        array $behind = [],
    ): array {
        $jobs = $last = $must = [];
        ksort($pieces);
        foreach ($pieces as $id => $tasks) {
            $jobs[] = Job::of(
                $id, isset($due[$id]) ? self::second($due[$id]) : null, 1.0, $tasks, behind: $behind[$id] ?? null,
            );
            foreach ($tasks as $task) {
                $at = (self::PLANNED + $planned)[$task->id];
                $last[] = new Pin($id, $task->id, self::second($at), 'last');
                if (isset($pinned[$task->id])) {
                    $must[] = new Pin($id, $task->id, self::second($pinned[$task->id]), 'pinned');
                }
            }
        }
        $problem = Problem::of(self::second($now), WorkingHours::read(Document::of(['hours' => array_fill_keys(
            WorkingHours::DAYS, [['08:00', '12:00'], ['13:00', '18:00']],
        )])), ['turner' => 1, 'air' => self::ALL, 'lathe' => 1], $jobs);
        $at = [];
        foreach ((new TaskSearch(2))->plan($problem->withPinned($must)->after($last))->tasks as $placed) {
            $at[$placed->task->id] = gmdate('H:i', $placed->start);
        }
        ksort($at);

        return $at;
    }

    private static function second(string $time): int
    {
        return (int) strtotime(strlen($time) > 5 ? $time : "2026-12-01T$time:00Z");
    }
}
