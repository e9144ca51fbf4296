<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\Exception\UnknownGrit;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Ladder;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Wood\Emc;
use HonestGrain\Wood\RimSpeed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WoodAndAbrasiveTest extends TestCase
{
    #[DataProvider('air')]
    public function test_emc_agrees_with_the_handbook(float $tempC, float $rh, float $percent): void
    {
        self::assertEqualsWithDelta($percent, Emc::at($tempC, $rh)->percent, 0.005);
    }

    /** @return list<array{float, float, float}> */
    public static function air(): array
    {
        return [[21.1, 50, 9.24], [20, 40, 7.72], [12, 75, 14.72], [18, 60, 11.06]];
    }

    public function test_rim_speed(): void
    {
        self::assertEqualsWithDelta(7.854, RimSpeed::metresPerSecond(250, 600), 0.001);
        self::assertLessThanOrEqual(5.0, RimSpeed::metresPerSecond(250, RimSpeed::rpmFor(250, 5)));
        self::assertGreaterThan(5.0, RimSpeed::metresPerSecond(250, RimSpeed::rpmFor(250, 5) + 10));
    }

    public function test_the_scale_of_a_grit_is_never_guessed(): void
    {
        $table = Catalogue::shipped()->abrasives();
        self::assertSame(46.2, $table->named('P320', 'x')->micron);
        self::assertSame(36.0, $table->named('CAMI 320', 'x')->micron);
        self::assertSame('CAMI 280', $table->nearest($table->named('P320', 'x'), Scale::Cami)->name);
        foreach (['120' => 'grit-scale', 'P121' => 'unknown-grit', 'CAMI' => 'unknown-grit'] as $name => $reason) {
            try {
                $table->named((string) $name, 'available.3');
                self::fail("$name was taken.");
            } catch (UnknownGrit $e) {
                self::assertSame([$reason, 'available.3'], [$e->reason, $e->field]);
            }
        }
    }

    public function test_the_shortest_progression_beats_every_other_ladder(): void
    {
        $names = ['P80', 'P100', 'CAMI 150', 'P150', 'P180', 'CAMI 220', 'P240', 'CAMI 320', 'P400'];
        $table = Catalogue::shipped()->abrasives();
        $grits = $table->allNamed($names, 'available');
        foreach ([[80.0, 12.0, null], [200.0, 9.0, null], [30.0, 15.0, 8.0], [15.0, 12.0, null]] as [
            $mark, $limit, $floor,
        ]) {
            $job = $this->job($mark, $limit, $floor);
            $best = Progression::shortest($job, $grits, $table);
            $least = INF;
            foreach (range(1, 2 ** count($grits) - 1) as $bits) {
                $ladder = array_values(
                    array_filter($grits, fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY),
                );
                usort($ladder, fn ($a, $b): int => $b->micron <=> $a->micron);
                $sound = $job->mayEndOn($ladder[count($ladder) - 1]) && ($ladder[0]->micron >= min($mark, 201.0));
                foreach (array_slice($ladder, 1) as $i => $grit) {
                    $sound = $sound && $job->mayFollow($ladder[$i], $grit);
                }
                $least = $sound ? min($least, Progression::minutes($job, $ladder)) : $least;
            }
            self::assertEqualsWithDelta($least, $best->totalMinutes, 1e-9);
            self::assertSame([], Progression::own($job, array_map(fn ($step) => $step->grit, $best->steps))->faults);
        }
    }

    public function test_a_finer_limit_never_takes_less_time_and_forty_grits_take_no_time(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $all = [...$table->onScale(Scale::Fepa), ...array_slice($table->onScale(Scale::Cami), 0, 12)];
        $before = 0.0;
        foreach ([40.0, 25.0, 15.0, 12.0, 9.0, 6.6, 4.0] as $limit) {
            $minutes = Progression::shortest($this->job(80, $limit), $all, $table)->totalMinutes;
            self::assertGreaterThanOrEqual($before, $minutes);
            $before = $minutes;
        }
    }

    public function test_one_step_by_hand(): void
    {
        // h(P120) = 0.25·125 = 31.25; U = 1.25·48.75·70000/1200 = 3554.69; 3554.69/500 + 2 discs + 0.5
        $step = $this->job(80, 12)->step(Catalogue::shipped()->abrasives()->named('P120', 'x'), null);
        self::assertEqualsWithDelta(31.25, $step->scratchUm, 1e-9);
        self::assertEqualsWithDelta(3554.6875, $step->removalUm, 1e-6);
        self::assertSame(2, $step->discs);
        self::assertEqualsWithDelta(3554.6875 / 500 + 1.0 + 0.5, $step->minutes, 1e-9);
        // Where there is hardly anything to take off, every grit still passes everywhere: 0.4 min for 100 cm².
        self::assertEqualsWithDelta(
            7 * 0.4 + 0.5 + 0.5,
            $this->job(32, 12)->step(Catalogue::shipped()->abrasives()->named('P120', 'x'), null)->minutes, 1e-9,
        );
    }

    public function test_an_own_ladder_is_priced_and_its_faults_named(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $kinds = fn (array $names, float $limit, ?float $floor = null): array => array_map(
            fn ($fault): string => "$fault->at {$fault->kind->value}",
            Progression::own(
                $this->job(80, $limit, $floor), $table->allNamed($names, 'own'),
                $table->allNamed(['P120'], 'available'),
            )->faults,
        );
        self::assertSame(['P180 jump', 'P400 jump'], $kinds(['P80', 'P180', 'P400'], 12));
        self::assertSame(['P150 order'], array_slice($kinds(['P180', 'P150', 'P180', 'P240', 'P320'], 12), 0, 1));
        self::assertContains('P240 too-coarse-finish', $kinds(['P120', 'P180', 'P240'], 12));
        self::assertContains('P600 too-fine', $kinds(['P120', 'P180', 'P240', 'P320', 'P400', 'P600'], 15, 8));
        self::assertSame(['P60, P240 needless'], $kinds(['P60', 'P80', 'P120', 'P180', 'P240', 'P320'], 12));
        self::assertSame(['P220 fine-start'], $kinds(['P220', 'P320'], 12));
        self::assertSame([' too-coarse-finish'], $kinds([], 12));
    }

    public function test_what_no_grit_can_reach_says_which_is_missing(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $this->expectException(Unreachable::class);
        $this->expectExceptionMessageMatches('/Missing is a grit of 48\.0 µm or finer, such as P320/');
        Progression::shortest($this->job(80, 12), $table->allNamed(['P80', 'P120', 'P240'], 'available'), $table);
    }

    public function test_deep_tool_marks_are_better_cut_again(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $grits = $table->allNamed(['P80', 'P120', 'P180', 'P240', 'P320'], 'available');
        $deep = Progression::shortest($this->job(500, 12), $grits, $table);
        self::assertGreaterThan(5, $deep->recutSavesMinutes($this->job(500, 12), $grits, $table));
        self::assertNull(
            Progression::shortest($this->job(25, 12), $grits, $table)->recutSavesMinutes(
                $this->job(25, 12), $grits, $table,
            ),
        );
    }

    public function test_the_first_grit_reaches_the_bottom_of_the_tool_marks(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $all = $table->onScale(Scale::Fepa);
        $finest = fn (float $mark): string => array_reduce(
            $all, fn (string $found, $grit): string => $this->job($mark, 12)
                ->mayStartOn($grit, 1815) ? $grit->name : $found, '',
        );
        self::assertSame(['P180', 'P80', 'P600'], [$finest(80), $finest(200), $finest(25)]);

        $short = $table->allNamed(['P150', 'P240', 'P320'], 'available');
        $warned = Progression::shortest($this->job(200, 12), $short, $table);
        self::assertSame('P150', $warned->steps[0]->grit->name, 'the coarsest at hand must do');
        self::assertStringContainsString('start coarser', Told::all($warned->warnings));
        self::assertSame([], Progression::shortest($this->job(80, 12), $short, $table)->warnings);

        $anywhere = SandingJob::of(
            200, 12, null, 5_000, ScratchModel::on(Drawn::sanding(), 6000, 3), SandingRates::of(
                Drawn::sanding(), coarseStart: false,
            ),
        );
        self::assertSame(
            ['P320'], Progression::shortest($anywhere, $table->allNamed(['P80', 'P320'], 'a'), $table)->gritNames(),
        );
    }

    public function test_a_hole_in_the_shelf_is_named_and_the_ladder_goes_as_far_as_it_can(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $shelf = $table->allNamed(['P80', 'P120', 'P400'], 'available');
        self::assertSame(['P80', 'P120'], Progression::asFarAsItGoes($this->job(150, 12), $shelf)?->gritNames());
        self::assertNull(Progression::asFarAsItGoes($this->job(150, 12), []));
        try {
            Progression::shortest($this->job(150, 12), $shelf, $table);
            self::fail('It was taken.');
        } catch (Unreachable $e) {
            // 125/1.8 = 69.4 µm is the finest that may follow P120, 35·1.8 = 63 µm the coarsest that P400 may
            // follow.
            self::assertStringContainsString(
                'more than one grit, the first of 69.4 µm or coarser, such as P180', $e->getMessage(),
            );
            self::assertStringContainsString('from P120 (125 µm) to P400 (35 µm)', $e->getMessage());
        }
    }

    public function test_one_ladder_for_a_mount_is_the_cheapest_of_all_there_are(): void
    {
        mt_srand(91);
        $table = Catalogue::shipped()->abrasives();
        $names = ['P80', 'P120', 'P150', 'P180', 'P240', 'P320', 'P400'];
        for ($i = 0; $i < 25; $i++) {
            $rates = SandingRates::of(
                Drawn::sanding(), changeMinutes: mt_rand(0, 4) / 2, alongGrainMinutesPer100Cm2: mt_rand(0, 1) / 2,
            );
            $jobs = [];
            foreach (range(1, mt_rand(1, 3)) as $n) {
                $jobs["s$n"] = SandingJob::of(
                    mt_rand(20, 190), mt_rand(110, 200) / 10, null, mt_rand(3_000, 60_000),
                    ScratchModel::on(Drawn::sanding(), 6000, mt_rand(5, 50) / 10), $rates,
                );
            }
            $grits = $table->allNamed($names, 'a');
            $ladder = Ladder::shared($jobs, $grits, $table);
            self::assertEqualsWithDelta($this->cheapestTogether($jobs, $grits, $rates), $ladder->totalMinutes(), 1e-6);
            if (count($jobs) === 1) {
                self::assertEqualsWithDelta(
                    Progression::shortest($jobs['s1'], $grits, $table)->totalMinutes, $ladder->totalMinutes(), 1e-9,
                );
            }
        }
    }

    /**
     * Every set of grits, and for each surface every grit of the set to join at.
     *
     * @param  array<string, SandingJob>  $jobs
     * @param  list<Grit>  $grits  coarse to fine
     */
    private function cheapestTogether(array $jobs, array $grits, SandingRates $rates): float
    {
        $least = INF;
        foreach (range(1, 2 ** count($grits) - 1) as $bits) {
            $set = array_values(
                array_filter($grits, fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY),
            );
            $ways = [[]];
            foreach ($jobs as $job) {
                $taken = [];
                foreach (array_keys($set) as $from) {
                    $run = [];
                    foreach (array_slice($set, $from) as $grit) {
                        $run[] = $grit;
                        if ($job->isWithinLimit($grit)) {
                            break;
                        }
                    }
                    $sound = $job->mayEndOn($run[count($run) - 1]) && ($run[0]->micron >= $job->toolMarkUm);
                    foreach (array_slice($run, 1) as $k => $grit) {
                        $sound = $sound && $job->mayFollow($run[$k], $grit);
                    }
                    $taken = $sound ? [...$taken, $run] : $taken;
                }
                $ways = array_merge(
                    ...array_map(
                        fn (array $way): array => array_map(fn (array $run): array => [...$way, $run], $taken), $ways,
                    ),
                    ...[[]],
                );
            }
            foreach ($ways as $way) {
                $minutes = 0.0;
                $removal = [];
                foreach (array_values($jobs) as $s => $job) {
                    $before = null;
                    foreach ($way[$s] as $grit) {
                        $um = $job->removalUm($grit, $before);
                        $removal[$grit->name] = ($removal[$grit->name] ?? 0) + $um;
                        $minutes += $job->abradingMinutes($grit, $um) + $rates->inspectMinutes;
                        $before = $grit;
                    }
                    $minutes += $job->alongGrainMinutes();
                }
                foreach ($removal as $name => $um) {
                    $minutes += $rates->changeMinutes * max(
                        1, (int) ceil($um / (20 * array_column($grits, null, 'name')[$name]->micron) - 1e-9),
                    );
                }
                $least = min($least, $minutes);
            }
        }

        return $least;
    }

    private function job(float $toolMarkUm, float $limitUm, ?float $floorUm = null): SandingJob
    {
        return SandingJob::of($toolMarkUm, $limitUm, $floorUm, 70_000, ScratchModel::on(Drawn::sanding(), 6000, 3));
    }
}
