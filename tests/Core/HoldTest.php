<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Holding\Mount;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\Behind;
use HonestGrain\Route\OnLathe;
use HonestGrain\Route\Promised;
use HonestGrain\Route\Remaining;
use HonestGrain\Route\Shop;
use HonestGrain\Schedule\Bounds;
use HonestGrain\Schedule\Claims;
use HonestGrain\Schedule\Exception\Unplaceable;
use HonestGrain\Schedule\Hold;
use HonestGrain\Schedule\Internal\Bottlenecks;
use HonestGrain\Schedule\Job;
use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\Task;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Schedule\Wait;
use HonestGrain\Schedule\WorkingHours;
use PHPUnit\Framework\TestCase;

/** What a task keeps after its end: the lathe until another task, the air for as long as a coat is wet. */
final class HoldTest extends TestCase
{
    public function test_a_mounted_part_keeps_its_place_from_step_to_step(): void
    {
        $times = self::planned([self::turned('a'), self::turned('b')], 0);
        $apart = $times['a sand'][1] <= $times['b mount'][0] || $times['b sand'][1] <= $times['a mount'][0];
        self::assertTrue($apart, 'with one chuck nobody else is mounted in between');
        // With a spare chuck the second part is mounted while the first one's glue sets.
        $spare = self::planned([self::turned('a'), self::turned('b')], 1);
        self::assertFalse($spare['a sand'][1] <= $spare['b mount'][0] || $spare['b sand'][1] <= $spare['a mount'][0]);
        self::assertLessThan(max(array_column($times, 1)), max(array_column($spare, 1)));
    }

    public function test_dust_waits_until_a_film_is_dust_free_and_two_wet_coats_may_share_the_air(): void
    {
        $coat = fn (string $id): Job => self::job($id, [
            self::keeping(self::task('coat', 10, [Shop::AIR => 1]), [Hold::for(Wait::hours(1.5), Shop::AIR)]),
        ]);
        $dusty = self::job('c', [self::task('sand', 30, [Shop::AIR => Shop::ALL_AIR])]);
        $times = self::planned([$coat('a'), $coat('b'), $dusty], 0);
        foreach (['a', 'b'] as $id) {
            $wet = [$times["$id coat"][0], $times["$id coat"][1] + 5400];
            self::assertTrue($times['c sand'][1] <= $wet[0] || $times['c sand'][0] >= $wet[1], "$id is not dusted on");
        }
        self::assertLessThan(1800, abs($times['a coat'][0] - $times['b coat'][0]), 'one after the other at once');
    }

    public function test_a_film_waits_for_dust_that_comes_while_it_would_be_wet(): void
    {
        $coat = self::job('coat', [
            self::keeping(self::task('lay', 10, [Shop::AIR => 1]), [Hold::for(Wait::hours(1.5), Shop::AIR)]),
        ]);
        $dusty = Job::of('dusty', self::monday() + 7200, 9.0, [
            self::task('sand', 30, [Shop::AIR => Shop::ALL_AIR], start: 3600),
        ]);
        $times = self::planned([$coat, $dusty], 0);
        self::assertSame(self::monday() + 3600, $times['dusty sand'][0]);
        self::assertGreaterThanOrEqual($times['dusty sand'][1], $times['coat lay'][0]);
    }

    public function test_what_is_left_of_a_route_keeps_the_mount_from_step_to_step(): void
    {
        $route = Benchwork::route(Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH)],
        ])]));
        $left = fn (array $done): array => array_column(
            Remaining::of(new Promised('1', 'Bowl'), $route, new Behind($done), null, 100)->tasks, null, 'id',
        );
        $until = fn (Task $task): array => array_map(
            fn (Hold $hold): array => [$hold->resource, $hold->until], $task->takes->keeps,
        );
        $all = $left([]);
        self::assertSame([[Shop::MOUNTS, 'body.inside/sand']], $until($all['body/mount']));
        self::assertSame([], $until($all['body/wipe-clean']), 'there it comes off');
        self::assertSame([[Shop::AIR, null]], $until($all['c1-1']), 'wet, it holds the air');
        self::assertSame(Shop::ALL_AIR, $all['body.inside/sand']->takes->needs[Shop::AIR]);
        $begun = $left(['body/mount' => 1_796_000_000]);
        self::assertSame([Shop::MOUNTS => 1], $begun['body.inside/sand']->takes->heldNow, 'it sits there already');
    }

    public function test_a_coat_follows_soon_on_what_leaves_no_dust_for_it(): void
    {
        $coats = Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH, Benchwork::VARNISH);
        $coats['layers'][1]['denib'] = 'pad';
        $tasks = fn (array $bowl): array => Remaining::of(
            new Promised('1', 'Bowl'), Benchwork::route(Benchwork::piece([Benchwork::bowl($bowl)])), new Behind([]),
            null, 100,
        )->tasks;
        $soon = function (array $tasks): array {
            $found = [];
            foreach ($tasks as $task) {
                $lags = array_filter($task->after, fn (Lag $lag): bool => $lag->isSoon);
                array_push($found, ...array_map(fn (Lag $lag): array => [$lag->task, $task->id], $lags));
            }

            return $found;
        };
        $coated = $tasks(['coats' => [$coats]]);
        self::assertSame([['body/wipe-clean', 'c1-1'], ['c1-2/denib', 'c1-2']], $soon($coated));
        self::assertSame([], $soon($tasks([])), 'what stays bare may be dusted off at any time');
        $batches = array_column(array_column($coated, 'grouping', 'id'), 'batch');
        $batches = array_combine(array_column($coated, 'id'), $batches);
        self::assertNull($batches['body/wipe-clean'], 'dusted off together is dusty again');
        self::assertSame('de-nib', $batches['c1-2/denib']);
    }

    public function test_what_stays_in_no_chuck_body_keeps_the_lathe_itself(): void
    {
        $route = Benchwork::route(Benchwork::piece([Benchwork::bowl([
            'coats' => [Benchwork::coats('c1', Benchwork::ALL, Benchwork::VARNISH)],
        ])]));
        $whole = array_filter(Mount::cases(), fn (Mount $mount): bool => $mount->comesOffWhole());
        self::assertEqualsCanonicalizing(
            ['tenon', 'recess', 'wide-jaws', 'screw', 'faceplate', 'glue-block'], array_column($whole, 'value'),
        );
        $mounts = array_column($route->steps, null, 'id');
        self::assertSame(Mount::Tenon, $mounts['body/mount']->setup->mount);
        self::assertSame(Mount::Jam, $mounts['body/reverse']->setup->mount);
        $left = fn (array $done): array => array_column(
            Remaining::of(new Promised('1', 'Bowl'), $route, new Behind($done), null, 100)->tasks, null, 'id',
        );
        $turned = array_column($left([])['body/reverse']->takes->keeps, 'until', 'resource');
        self::assertSame([Shop::MOUNTS => 'body/part-off', Shop::LATHE => 'body/part-off'], $turned);
        $begun = $left(array_fill_keys(array_keys(array_slice(
            $mounts, 0, 1 + (int) array_search('body/reverse', array_keys($mounts), true),
        )), 1_796_000_000));
        self::assertSame([Shop::MOUNTS => 1, Shop::LATHE => 1], $begun['body/part-off']->takes->heldNow);

        $on = [Shop::LATHE => 1, Shop::MOUNTS => 1];
        $pressed = self::job('a', [
            self::keeping(self::task('mount', 10, $on), [
                Hold::until('sand', Shop::MOUNTS), Hold::until('sand', Shop::LATHE),
            ]), self::task('sand', 20, $on, ['mount'], 2.0),
        ]);
        $between = function (Job $job): array {
            $times = self::planned([$job, self::turned('other')], 1);

            return array_keys(array_filter($times, fn (array $other): bool => $other[0] >= $times['a mount'][1]
                && $other[1] <= $times['a sand'][0]));
        };
        self::assertNotSame([], $between(self::turned('a')), 'the other one is in a chuck of its own');
        self::assertSame([], $between($pressed));
    }

    public function test_what_is_mounted_is_in_the_way_of_what_needs_its_place(): void
    {
        $route = Benchwork::route(Benchwork::piece([Benchwork::bowl()]));
        $mounted = fn (array $done, array $skipped = []): array => OnLathe::of('1', $route, new Behind(
            array_fill_keys($done, 1_796_000_000), array_fill_keys($skipped, true),
        ));
        self::assertSame([], $mounted([]));
        $first = $mounted(['body/mount'])[0];
        self::assertSame(['1', 'body', 'body.inside/sand', false], array_values((array) $first));
        self::assertSame('body.rim/sand', $mounted(['body/mount', 'body.inside/sand'])[0]->until);
        self::assertSame([], $mounted(['body/mount'], ['body.inside/sand']), 'it is taken as off');
        $turned = $mounted(['body/reverse'])[0];
        self::assertSame(['1', 'body', 'body/part-off', true], array_values((array) $turned));

        $lid = new OnLathe('2', 'lid', 'lid/sand', false);
        $inTheWay = fn (
            array $mounted,
            int $places,
            string $piece = '3',
            string $part = 'body',
        ): ?OnLathe => OnLathe::inTheWay($mounted, $piece, $part, $places);
        self::assertNull($inTheWay([], 1));
        self::assertSame($first, $inTheWay([$first], 1));
        self::assertNull($inTheWay([$first], 2), 'there is a spare chuck');
        self::assertSame($first, $inTheWay([$first, $lid], 2));
        self::assertSame($turned, $inTheWay([$lid, $turned], 9), 'it stays in no chuck');
        self::assertNull($inTheWay([$first], 1, '1'), 'it is there itself');
        self::assertSame($first, $inTheWay([$first], 1, '1', 'lid'), 'another part of the same piece');
        self::assertNull($inTheWay([$first, $lid], 1, '1'), 'by the record both are, and one has to be first');
        self::assertSame($turned, $inTheWay([$turned, $lid], 2, '2', 'lid'));
    }

    public function test_the_lathe_is_looked_after_where_it_may_be_short_besides_the_chucks(): void
    {
        $on = [Shop::LATHE => 1, Shop::MOUNTS => 1];
        $job = fn (string ...$held): Job => self::job('a', [
            self::keeping(self::task('mount', 10, $on), array_map(
                fn (string $resource): Hold => Hold::until('sand', $resource), $held,
            )), self::task('sand', 20, $on, ['mount'], 2.0),
        ]);
        $isLookedAfter = fn (Job $job, int $spare): bool => in_array(Shop::LATHE, Bottlenecks::of(
            Problem::of(self::monday(), self::hours(), Shop::resources($spare), [$job]),
        )[0], true);
        self::assertFalse($isLookedAfter($job(Shop::MOUNTS, Shop::LATHE), 0), 'whoever has it has the only chuck');
        self::assertTrue($isLookedAfter($job(Shop::MOUNTS, Shop::LATHE), 1));
        self::assertTrue($isLookedAfter($job(Shop::LATHE), 0));
        $begun = self::job('a', [self::keeping(self::task('sand', 20, $on), [], [Shop::LATHE => 1])]);
        self::assertTrue($isLookedAfter($begun, 0));
    }

    public function test_what_is_mounted_already_has_the_lathe_until_its_next_step(): void
    {
        $begun = self::job('begun', [self::keeping(
            self::task('sand', 20, [Shop::LATHE => 1, Shop::MOUNTS => 1], start: 4 * 3600), [], [Shop::MOUNTS => 1],
        )]);
        $times = self::planned([self::turned('other'), $begun], 0);
        self::assertGreaterThanOrEqual($times['begun sand'][1], $times['other mount'][0]);
    }

    public function test_nothing_is_kept_idle_for_days(): void
    {
        $mount = self::keeping(self::task('mount', 10, [Shop::MOUNTS => 1]), [Hold::until('sand', Shop::MOUNTS)]);
        $late = self::task('sand', 10, [Shop::MOUNTS => 1], ['mount'], start: 4 * 86_400);
        $times = self::planned([self::job('a', [$mount, $late])], 0);
        self::assertLessThan(86_400, $times['a sand'][0] - $times['a mount'][1], 'mounted the evening before at most');
    }

    public function test_what_can_never_be_kept_is_refused(): void
    {
        $this->expectException(Unplaceable::class);
        self::planned([self::job('a', [
            self::keeping(self::task('coat', 10), [Hold::for(Wait::hours(1), 'drying-cupboard')]),
        ])], 0);
    }

    public function test_a_hold_until_a_task_that_is_not_there_is_refused_by_its_field(): void
    {
        $this->expectException(InvalidField::class);
        self::job('a', [self::keeping(self::task('mount', 10), [Hold::until('never', Shop::MOUNTS)])]);
    }

    /** Mounted, glued, sanded two hours later on the same mount. */
    private static function turned(string $id): Job
    {
        $on = [Shop::LATHE => 1, Shop::MOUNTS => 1];

        return self::job($id, [
            self::keeping(self::task('mount', 10, $on), [Hold::until('sand', Shop::MOUNTS)]),
            self::task('sand', 20, $on, ['mount'], 2.0),
        ]);
    }

    /**
     * @param  array<string, int>  $needs
     * @param  list<string>  $after
     */
    private static function task(
        string $id,
        float $minutes,
        array $needs = [],
        array $after = [],
        float $waitHours = 0.0,
        ?int $start = null,
    ): Task {
        return Task::of($id, $minutes, new Claims([Shop::TURNER => 1] + $needs), array_map(
            fn (string $before): Lag => new Lag($before, Wait::hours($waitHours)), $after,
        ), bounds: new Bounds($start === null ? null : self::monday() + $start));
    }

    /**
     * The same, holding on to something.
     *
     * @param  list<Hold>  $keeps
     * @param  array<string, int>  $heldNow
     */
    private static function keeping(Task $task, array $keeps, array $heldNow = []): Task
    {
        return Copy::with($task, [
            'takes' => Copy::with($task->takes, ['keeps' => $keeps, 'heldNow' => $heldNow]),
        ]);
    }

    /** @param  list<Task>  $tasks */
    private static function job(string $id, array $tasks): Job
    {
        return Job::of($id, null, 1.0, $tasks);
    }

    /**
     * @param  list<Job>  $jobs
     * @return array<string, array{int, int}> start and end by "piece task", second (UTC)
     */
    private static function planned(array $jobs, int $spareChucks): array
    {
        $plan = (new TaskSearch(20_000))->plan(Problem::of(
            self::monday(), self::hours(), Shop::resources($spareChucks), $jobs,
        ));
        $times = [];
        foreach ($plan->tasks as $placed) {
            $times["$placed->piece {$placed->task->id}"] = [$placed->start, $placed->end];
        }

        return $times;
    }

    private static function hours(): WorkingHours
    {
        return WorkingHours::read(Document::of(['hours' => array_fill_keys(
            WorkingHours::DAYS, [['08:00', '18:00']],
        )]));
    }

    private static function monday(): int
    {
        return (int) strtotime('2026-11-30T08:00:00Z');
    }
}
