<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Command\ProblemDocument;
use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\Plan;
use HonestGrain\Schedule\Problem;
use HonestGrain\Schedule\TaskSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold for any input, tried on many made by chance from a fixed seed. */
final class PropertyTest extends TestCase
{
    private const TRIES = 25;

    public function test_bands_that_cover_a_curve_add_up_to_its_zone(): void
    {
        mt_srand(11);
        for ($i = 0; $i < self::TRIES; $i++) {
            $profile = $this->anyProfile();
            $arc = $profile->outer->lengthMm();
            $cuts = [0.0, $arc * mt_rand(5, 45) / 100, $arc * mt_rand(50, 95) / 100, $arc];
            $bands = [];
            for ($k = 0; $k < 3; $k++) {
                $bands[] = Band::on("b$k", Surface::Outer, $cuts[$k], $cuts[$k + 1]);
            }
            $zones = Drawn::measured($profile, GrainDirection::Side, $bands)->zones;
            $sum = $zones['b0']->areaMm2 + $zones['b1']->areaMm2 + $zones['b2']->areaMm2;
            self::assertEqualsWithDelta($zones['outside']->areaMm2, $sum, $zones['outside']->areaMm2 * 1e-9);
            $exposed = 0.0;
            foreach ($bands as $band) {
                $exposed += $zones[$band->id]->areaMm2 * $zones[$band->id]->endGrainMean;
            }
            self::assertEqualsWithDelta(
                $zones['outside']->areaMm2 * $zones['outside']->endGrainMean, $exposed,
                $zones['outside']->areaMm2 * 1e-9,
            );
        }
    }

    public function test_twice_the_size_has_four_times_the_area_and_eight_times_the_volume(): void
    {
        mt_srand(12);
        for ($i = 0; $i < self::TRIES; $i++) {
            $nodes = $this->anyNodes();
            $twice = array_map(fn (array $node): array => [$node[0] * 2, $node[1] * 2], $nodes);
            $one = Drawn::measured(Profile::of(Curve::fromArray($nodes, 'o'), null), GrainDirection::End);
            $two = Drawn::measured(Profile::of(Curve::fromArray($twice, 'o'), null), GrainDirection::End);
            self::assertEqualsWithDelta(4.0, $two->zones['outside']->areaMm2 / $one->zones['outside']->areaMm2, 0.01);
            self::assertEqualsWithDelta(8.0, $two->volumeMm3 / $one->volumeMm3, 0.02);
        }
    }

    public function test_end_grain_is_a_share_and_the_wall_no_thicker_than_the_radius(): void
    {
        foreach (Form::cases() as $form) {
            $profile = $form->profile(...array_values($form->sizes()));
            foreach (GrainDirection::cases() as $grain) {
                $measured = Drawn::measured($profile, $grain);
                foreach ($measured->zones as $zone) {
                    self::assertGreaterThanOrEqual(0.0, $zone->endGrainMean);
                    self::assertLessThanOrEqual(1.0, $zone->endGrainMean);
                    self::assertEqualsWithDelta(
                        $zone->areaMm2, 2 * M_PI * $zone->meanRadiusMm * $zone->arcMm, $zone->areaMm2 * 1e-9 + 1e-9,
                    );
                }
                if ($measured->wall !== null) {
                    self::assertLessThan($profile->diameterMm() / 2, $measured->wall->minMm);
                }
            }
        }
    }

    public function test_two_corners_in_a_row_are_a_straight_line_and_the_curve_passes_every_node(): void
    {
        mt_srand(13);
        for ($i = 0; $i < self::TRIES; $i++) {
            $nodes = $this->anyNodes();
            $curve = Curve::fromArray($nodes, 'o');
            foreach ($nodes as [$z, $r]) {
                $nearest = min(array_map(fn ($p): float => hypot($p->z - $z, $p->r - $r), $curve->points));
                self::assertEqualsWithDelta(0.0, $nearest, 1e-9);
            }
            $straight = Curve::fromArray(array_map(fn (array $n): array => [$n[0], $n[1], 'corner'], $nodes), 'o');
            self::assertCount(count($nodes), $straight->points);
            self::assertGreaterThanOrEqual($straight->lengthMm() - 1e-9, $curve->lengthMm());
        }
    }

    public function test_one_more_grit_on_the_shelf_never_costs_time(): void
    {
        mt_srand(14);
        $table = Catalogue::shipped()->abrasives();
        $names = [
            'P60', 'P80', 'P100', 'P120', 'CAMI 120', 'P150', 'P180', 'P220', 'P240', 'CAMI 240', 'P280', 'P320',
            'CAMI 320', 'P360', 'P400', 'P600',
        ];
        for ($i = 0; $i < self::TRIES; $i++) {
            $job = SandingJob::of(
                mt_rand(20, 260), mt_rand(90, 150) / 10, null, mt_rand(5_000, 200_000),
                ScratchModel::on(Drawn::sanding(), mt_rand(1500, 12_000), mt_rand(5, 60) / 10),
            );
            $picked = array_values(array_filter($names, fn (): bool => mt_rand(0, 1) === 1));
            array_push($picked, 'P60', 'P80', 'P120', 'P180', 'P320', 'P600');
            $before = Progression::shortest($job, $table->allNamed($picked, 'a'), $table)->totalMinutes;
            $after = Progression::shortest(
                $job, $table->allNamed([...$picked, $names[mt_rand(0, 15)]], 'a'), $table,
            )->totalMinutes;
            self::assertLessThanOrEqual($before + 1e-9, $after);
        }
    }

    public function test_harder_wood_and_a_slower_lathe_take_longer(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $grits = $table->allNamed(['P80', 'P120', 'P180', 'P240', 'P320', 'P400'], 'a');
        $minutes = fn (float $hardness, float $speed): float => Progression::shortest(
            SandingJob::of(
                100, 12, null, 80_000, ScratchModel::on(Drawn::sanding(), $hardness, $speed),
            ), $grits, $table,
        )->totalMinutes;
        self::assertLessThan($minutes(7000, 3), $minutes(4000, 3));
        self::assertLessThan($minutes(5000, 1), $minutes(5000, 4));
    }

    public function test_waits_add_up_and_never_run_backwards(): void
    {
        mt_srand(15);
        $zone = new \DateTimeZone('Europe/Dublin');
        for ($i = 0; $i < self::TRIES; $i++) {
            $clock = Drawn::clock(
                DayNightClimate::of(
                    mt_rand(14, 24), mt_rand(35, 70), mt_rand(8, 14), mt_rand(50, 80), mt_rand(5, 9), mt_rand(16, 22),
                    $zone,
                ),
            );
            $kinetics = Kinetics::of(mt_rand(13, 25) / 10, Humidity::cases()[mt_rand(0, 2)], mt_rand(5, 12));
            $start = 1_790_000_000 + mt_rand(0, 400) * 86_400;
            [$a, $b] = [mt_rand(1, 40), mt_rand(1, 300)];
            $first = $clock->run($a, $kinetics, $start);
            $second = $clock->run($b, $kinetics, $first->end);
            $both = $clock->run($a + $b, $kinetics, $start);
            self::assertEqualsWithDelta($both->end, $second->end, 3);
            self::assertGreaterThan($first->end, $second->end);
            self::assertEqualsWithDelta($both->stalledHours, $first->stalledHours + $second->stalledHours, 0.01);
            self::assertGreaterThanOrEqual(
                $clock->run($a, $kinetics, $start)->end, $clock->run($a, $kinetics->slowed(2.5), $start)->end,
            );
        }
    }

    public function test_a_warmer_record_is_never_slower(): void
    {
        mt_srand(16);
        for ($i = 0; $i < self::TRIES; $i++) {
            $readings = $warmer = [];
            for ($k = 0; $k < 40; $k++) {
                $reading = [$k * 7200, (float) mt_rand(6, 24), (float) mt_rand(30, 80)];
                $readings[] = $reading;
                $warmer[] = [$reading[0], $reading[1] + 2, $reading[2]];
            }
            $run = fn (array $climate): int => (Drawn::clock(ClimateRecord::of([...$climate, [400_000, 21.0, 50.0]])))
                ->run(30, Kinetics::of(2, minC: 8), 3600)
                ->end;
            self::assertLessThanOrEqual($run($readings), $run($warmer));
        }
    }

    /** @param  array<string, int>  $resources */
    #[DataProvider('shops')]
    public function test_any_schedule_keeps_every_wait_every_hour_and_every_resource(
        int $seed,
        array $resources,
        int $pieces,
    ): void {
        mt_srand($seed);
        $problem = $this->anyProblem($resources, $pieces);
        $plan = (new TaskSearch(20_000))->plan($problem);
        $this->assertEveryTaskOnce($problem, $plan);
        $this->assertLagsAndHours($problem, $plan);
        $this->assertNothingIsTakenTwice($problem, $plan);
        self::assertGreaterThanOrEqual($plan->outlook->bound->finish, $plan->finish);
    }

    /** @return iterable<string, array{int, array<string, int>, int}> */
    public static function shops(): iterable
    {
        yield 'one pair of hands, wide shelf' => [21, ['turner' => 1, 'lathe' => 1, 'shelf' => 6], 12];
        yield 'one shelf place' => [22, ['turner' => 1, 'lathe' => 1, 'shelf' => 1], 8];
        yield 'two makers, one lathe' => [23, ['turner' => 2, 'lathe' => 1, 'shelf' => 3], 12];
        yield 'two makers, two lathes' => [24, ['turner' => 2, 'lathe' => 2, 'shelf' => 2], 12];
        yield 'a crowd' => [25, ['turner' => 3, 'lathe' => 2, 'shelf' => 10], 25];
    }

    private function assertEveryTaskOnce(Problem $problem, Plan $plan): void
    {
        $wanted = $placed = [];
        foreach ($problem->jobs as $job) {
            foreach ($job->tasks as $task) {
                $wanted[] = "$job->id $task->id";
            }
        }
        foreach ($plan->tasks as $task) {
            $placed[] = "$task->piece {$task->task->id}";
        }
        sort($wanted);
        sort($placed);
        self::assertSame($wanted, $placed);
    }

    private function assertLagsAndHours(Problem $problem, Plan $plan): void
    {
        $at = [];
        foreach ($plan->tasks as $placed) {
            $at[$placed->piece][$placed->task->id] = $placed;
            self::assertGreaterThanOrEqual($problem->start, $placed->start);
            if ($placed->task->seconds > 0 && ! $placed->task->grouping->splittable) {
                self::assertSame($placed->task->seconds, $placed->end - $placed->start);
                $inside = array_filter(
                    $problem->hours->stretchesOn(gmdate('Y-m-d', $placed->start)),
                    fn (array $s): bool => $s[0] <= $placed->start && $placed->end <= $s[1],
                );
                self::assertCount(1, $inside);
            }
        }
        $broken = array_map(fn ($window): string => "$window->piece $window->task", $plan->broken);
        foreach ($at as $piece => $tasks) {
            foreach ($tasks as $placed) {
                foreach ($placed->task->after as $lag) {
                    $gap = ($placed->start - $tasks[$lag->task]->end) / 3600;
                    self::assertGreaterThanOrEqual($lag->wait->minHours - 1e-9, $gap);
                    if ($lag->wait->maxHours !== null && $gap > $lag->wait->maxHours) {
                        self::assertContains("$piece {$placed->task->id}", $broken);
                    }
                }
            }
        }
    }

    private function assertNothingIsTakenTwice(Problem $problem, Plan $plan): void
    {
        $events = [];
        $byPiece = [];
        foreach ($plan->tasks as $placed) {
            $byPiece[$placed->piece][] = $placed;
            $takesNothing = $placed->task->grouping->splittable || $placed->end === $placed->start;
            foreach ($takesNothing ? [] : $placed->task->takes->needs as $resource => $quantity) {
                $events[$resource][] = [$placed->start, $quantity];
                $events[$resource][] = [$placed->end, -$quantity];
            }
        }
        foreach ($byPiece as $tasks) {
            foreach ($tasks as $i => $placed) {
                $next = $tasks[$i + 1]->start ?? $placed->end;
                foreach ($next > $placed->end ? $placed->task->takes->holds : [] as $resource => $quantity) {
                    $events[$resource][] = [$placed->end, $quantity];
                    $events[$resource][] = [$next, -$quantity];
                }
            }
        }
        foreach ($events as $resource => $list) {
            usort($list, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
            $taken = 0;
            foreach ($list as [, $quantity]) {
                $taken += $quantity;
                self::assertLessThanOrEqual($problem->resources[$resource], $taken, $resource);
            }
        }
    }

    /** @param  array<string, int>  $resources */
    private function anyProblem(array $resources, int $count): Problem
    {
        $pieces = [];
        for ($p = 0; $p < $count; $p++) {
            $tasks = [];
            for ($t = 0; $t < 12; $t++) {
                $min = mt_rand(0, 2) === 0 ? mt_rand(1, 30) : 0;
                $after = $t === 0 ? [] : [
                    [
                        'task' => 't'.($t - 1), 'min_hours' => $min,
                        'max_hours' => mt_rand(0, 4) === 0 ? $min + mt_rand(0, 40) : null,
                    ],
                ];
                $tasks[] = [
                    'id' => "t$t",
                    'minutes' => mt_rand(0, 9) === 0 ? 0 : mt_rand(3, 90),
                    'needs' => mt_rand(0, 2) === 0 ? ['turner' => 1, 'lathe' => 1] : ['turner' => 1],
                    'after' => $after,
                    'holds' => $min > 3 ? ['shelf' => 1] : null,
                    'batch' => mt_rand(0, 1) === 1 ? 'b'.mt_rand(0, 4) : null,
                    'splittable' => mt_rand(0, 9) === 0,
                ];
            }
            $pieces[] = [
                'id' => "p$p", 'due' => mt_rand(0, 5) === 0 ? null : sprintf('2026-12-%02dT17:00:00Z', mt_rand(3, 28)),
                'weight' => mt_rand(1, 3), 'tasks' => $tasks,
            ];
        }
        $day = [['08:00', '12:00'], ['13:00', '17:00']];

        return ProblemDocument::read(Document::of([
            'start' => '2026-12-01T10:15:00Z',
            'hours' => [
                'mon' => $day, 'tue' => $day, 'wed' => $day, 'thu' => $day, 'fri' => [['08:00', '12:00']],
                'sat' => [['09:00', '10:30']],
            ],
            'closed' => ['2026-12-08', '2026-12-25'],
            'resources' => $resources,
            'pieces' => $pieces,
        ]));
    }

    private function anyProfile(): Profile
    {
        return Profile::of(Curve::fromArray($this->anyNodes(), 'o'), null);
    }

    /** @return list<array{float, float}> a rising line that never crosses itself */
    private function anyNodes(): array
    {
        $nodes = [];
        $z = 0.0;
        for ($i = 0, $count = mt_rand(3, 9); $i < $count; $i++) {
            $nodes[] = [$z, (float) mt_rand(20, 120)];
            $z += mt_rand(10, 40);
        }

        return $nodes;
    }
}
