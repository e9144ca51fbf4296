<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\Exception\UnknownGrit;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
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
        self::assertLessThanOrEqual(5.0, RimSpeed::metresPerSecond(250, RimSpeed::rpmFor(250)));
        self::assertGreaterThan(5.0, RimSpeed::metresPerSecond(250, RimSpeed::rpmFor(250) + 10));
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
        foreach ([[80.0, 12.0, null], [200.0, 9.0, null], [30.0, 15.0, 8.0], [15.0, 12.0, null]] as [$mark, $limit, $floor]) {
            $job = $this->job($mark, $limit, $floor);
            $best = Progression::shortest($job, $grits, $table);
            $least = INF;
            foreach (range(1, 2 ** count($grits) - 1) as $bits) {
                $ladder = array_values(array_filter($grits, fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
                usort($ladder, fn ($a, $b): int => $b->micron <=> $a->micron);
                $sound = $job->mayEndOn($ladder[count($ladder) - 1]);
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
        // h(P120) = 0.25·125 = 31.25; U = 1.25·48.75·70000/1200 = 3554.69; 3554.69/2000 + 2 discs + 0.5
        $step = $this->job(80, 12)->step(Catalogue::shipped()->abrasives()->named('P120', 'x'), null);
        self::assertEqualsWithDelta(31.25, $step->scratchUm, 1e-9);
        self::assertEqualsWithDelta(3554.6875, $step->removalUm, 1e-6);
        self::assertSame(2, $step->discs);
        self::assertEqualsWithDelta(3554.6875 / 2000 + 1.0 + 0.5, $step->minutes, 1e-9);
    }

    public function test_an_own_ladder_is_priced_and_its_faults_named(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $kinds = fn (array $names, float $limit, ?float $floor = null): array => array_map(
            fn ($fault): string => "$fault->at $fault->kind",
            Progression::own($this->job(80, $limit, $floor), $table->allNamed($names, 'own'))->faults,
        );
        self::assertSame(['P180 jump', 'P400 jump'], $kinds(['P80', 'P180', 'P400'], 12));
        self::assertSame(['P150 order'], array_slice($kinds(['P180', 'P150', 'P180', 'P240', 'P320'], 12), 0, 1));
        self::assertContains('P240 too-coarse-finish', $kinds(['P120', 'P180', 'P240'], 12));
        self::assertContains('P600 too-fine', $kinds(['P120', 'P180', 'P240', 'P320', 'P400', 'P600'], 15, 8));
        self::assertContains('P60 needless', $kinds(['P60', 'P80', 'P120', 'P180', 'P240', 'P320'], 12));
    }

    public function test_what_no_grit_can_reach_says_which_is_missing(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $this->expectException(Unreachable::class);
        $this->expectExceptionMessageMatches('/48\.0 µm or finer, such as P320/');
        Progression::shortest($this->job(80, 12), $table->allNamed(['P80', 'P120', 'P240'], 'available'), $table);
    }

    public function test_deep_tool_marks_are_better_cut_again(): void
    {
        $table = Catalogue::shipped()->abrasives();
        $grits = $table->allNamed(['P80', 'P120', 'P180', 'P240', 'P320'], 'available');
        $deep = Progression::shortest($this->job(500, 12), $grits, $table);
        self::assertGreaterThan(5, $deep->recutSavesMinutes($this->job(500, 12), $grits, $table));
        self::assertNull(Progression::shortest($this->job(25, 12), $grits, $table)->recutSavesMinutes($this->job(25, 12), $grits, $table));
    }

    public function test_what_comes_next_asks_for_the_surface(): void
    {
        $coatings = Catalogue::shipped()->coatings();
        $asked = fn (?string $class, bool $dyed = false): array => (fn ($a): array => [$a->limitUm, $a->floorUm])(AskedSurface::by($class === null ? null : $coatings->coating($class), $dyed));
        self::assertSame([15.0, null], $asked('Boiled linseed oil'));
        self::assertSame([17.0, 12.0], $asked('Hard-wax oil'));
        self::assertSame([12.0, null], $asked('Wiping varnish (oil-based thinned)'));
        self::assertSame([6.6, null], $asked('Friction polish (shellac oil alcohol)'));
        self::assertSame([6.6, null], $asked(null));
        self::assertSame([12.0, 8.0], $asked('Dewaxed shellac (2 lb cut)', true));
        self::assertTrue(AskedSurface::by($coatings->coating('Paste wax'), true)->contradictsItself());
    }

    private function job(float $toolMarkUm, float $limitUm, ?float $floorUm = null): SandingJob
    {
        return SandingJob::of($toolMarkUm, $limitUm, $floorUm, 70_000, ScratchModel::on(6000, 3));
    }
}
