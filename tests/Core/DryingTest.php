<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\DryingFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\JawSet;
use HonestGrain\Rack\Blank;
use HonestGrain\Rack\Checks;
use HonestGrain\Rack\Drying;
use HonestGrain\Rack\DryingCurve;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Dryness;
use HonestGrain\Rack\Largest;
use HonestGrain\Rack\PaperDrying;
use HonestGrain\Rack\Truing;
use HonestGrain\Rack\Weighing;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\Rings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drying by weight, and what is left of a rough bowl when it is dry. */
final class DryingTest extends TestCase
{
    private const DAY = 86_400;

    private const EMC = 11.06;

    #[DataProvider('curves')]
    public function test_a_known_curve_is_found_from_exact_weights(float $plateau, float $excess, float $rate): void
    {
        $true = new DryingCurve(0, $plateau, $excess, $rate);
        $weighings = array_map(
            fn (int $i): Weighing => new Weighing($i * 12 * self::DAY, $true->massG($i * 12 * self::DAY)), range(0, 6),
        );
        $drying = Drying::of(self::figures(), $weighings, self::EMC);
        self::assertEqualsWithDelta($rate, $drying->curve?->ratePerDay, $rate * 1e-4);
        self::assertEqualsWithDelta($plateau, $drying->plateauG, $plateau * 1e-4);
        $dry = $plateau / (1 + self::EMC / 100);
        self::assertEqualsWithDelta(100 * ($weighings[6]->massG / $dry - 1), $drying->moisturePercent, 0.02);
        // Ready by both rules, looked for day by day.
        for ($day = 0; $day < 2000; $day++) {
            $mass = $true->massG($day * self::DAY);
            $loss = $mass - $true->massG(($day + 7) * self::DAY);
            if (100 * ($mass / $dry - 1) <= self::EMC + 1 && $loss / $mass < 0.001) {
                break;
            }
        }
        self::assertEqualsWithDelta($day, ($drying->readyAt ?? 0) / self::DAY, 0.06 * $day + 3);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function curves(): iterable
    {
        yield 'a rough bowl' => [1450.0, 900.0, 0.02];
        yield 'a small box blank' => [180.0, 70.0, 0.05];
        yield 'a log' => [9000.0, 5200.0, 0.008];
    }

    #[DataProvider('noise')]
    public function test_the_interval_holds_the_truth(int $count, int $step, float $scatterG, float $rate): void
    {
        $true = new DryingCurve(0, 700, 300, $rate);
        $days = $true->readyAfterDays(self::EMC, 1, 0.1) - ($count - 1) * $step;
        $held = 0;
        for ($seed = 1; $seed <= 100; $seed++) {
            mt_srand($seed);
            $weighings = array_map(fn (int $i): Weighing => new Weighing(
                $i * $step * self::DAY, $true->massG($i * $step * self::DAY) + $scatterG * self::normal(),
            ), range(0, $count - 1));
            [$from, $to] = Drying::of(self::figures(), $weighings, self::EMC)->range->days ?? [INF, -INF];
            $held += (int) ($from <= $days && $days <= $to);
        }
        self::assertGreaterThanOrEqual(90, $held);
    }

    /** @return iterable<string, array{int, int, float, float}> */
    public static function noise(): iterable
    {
        yield 'eight fortnights' => [8, 14, 1.0, 0.02];
        yield 'twelve weeks, a rough scale' => [12, 7, 2.0, 0.03];
        yield 'a slow one' => [10, 10, 1.0, 0.01];
        yield 'three weighings' => [3, 20, 0.3, 0.02];
    }

    public function test_more_weighings_narrow_the_interval(): void
    {
        $true = new DryingCurve(0, 700, 300, 0.02);
        $widths = [];
        foreach ([3, 5, 8] as $count) {
            $weighings = array_map(
                fn (int $i): Weighing => new Weighing($i * 14 * self::DAY, round($true->massG($i * 14 * self::DAY))),
                range(0, $count - 1),
            );
            [$from, $to] = Drying::of(self::figures(), $weighings, self::EMC)->range->days ?? [0, INF];
            $widths[] = $to - $from;
        }
        self::assertGreaterThan($widths[1], $widths[0]);
        self::assertGreaterThan($widths[2], $widths[1]);
    }

    /** @param  list<float>  $masses  a fortnight apart */
    #[DataProvider('states')]
    public function test_it_says_why_there_is_no_date(array $masses, ?float $emc, DryingState $state): void
    {
        $drying = Drying::of(self::figures(), self::fortnights($masses), $emc);
        self::assertSame($state, $drying->state);
        self::assertSame($state === DryingState::Ready, $drying->isReady());
        self::assertSame(
            in_array($state, [DryingState::Ready, DryingState::Drying], true), $drying->readyAt !== null,
        );
    }

    /** @return iterable<string, array{list<float>, float|null, DryingState}> */
    public static function states(): iterable
    {
        yield 'nothing' => [[], self::EMC, DryingState::TooFew];
        yield 'two' => [[1000, 900], self::EMC, DryingState::TooFew];
        yield 'three' => [[1000, 900, 830], self::EMC, DryingState::Drying];
        yield 'no air known' => [[1000, 900, 830], null, DryingState::NoClimate];
        yield 'it took up water' => [[1000, 900, 910, 890], self::EMC, DryingState::Rising];
        yield 'within what a scale is out by' => [[1000, 800, 750, 751, 750, 750], self::EMC, DryingState::Ready];
        yield 'a wet cellar' => [[1000, 900, 830], 18.0, DryingState::WetAir];
        yield 'as fast as ever' => [[1000, 990, 980, 970], self::EMC, DryingState::NoPlateau];
        yield 'faster than before' => [[1000, 990, 960], self::EMC, DryingState::NoPlateau];
        yield 'steady' => [[800, 800, 800], self::EMC, DryingState::Ready];
    }

    public function test_three_weighings_on_one_day_do_not_make_it_dry(): void
    {
        $hours = array_map(fn (int $h): Weighing => new Weighing($h * 3600, 800), [0, 2, 4]);
        self::assertSame(DryingState::TooShort, Drying::of(self::figures(), $hours, self::EMC)->state);
    }

    public function test_a_meter_beside_a_weighing_ties_a_plateau_that_is_not_in_sight(): void
    {
        $weighings = self::fortnights([1000, 972, 948]);
        self::assertSame(DryingState::NoPlateau, Drying::of(self::figures(), $weighings, self::EMC)->state);
        $dry = Drying::dryG(948, 45);
        $drying = Drying::of(self::figures(), $weighings, self::EMC, $dry);
        self::assertSame(DryingState::Drying, $drying->state);
        self::assertEqualsWithDelta($dry * (1 + self::EMC / 100), $drying->plateauG, 1e-6);
        self::assertEqualsWithDelta(45, $drying->moisturePercent, 1e-6);
    }

    public function test_weighings_out_of_order_are_refused(): void
    {
        $this->expectException(InvalidField::class);
        Drying::of(self::figures(), [new Weighing(20, 900), new Weighing(10, 890)], self::EMC);
    }

    public function test_what_was_lost_is_said_as_makers_say_it(): void
    {
        $weighings = self::fortnights([1000, 900, 850]);
        self::assertEqualsWithDelta(15, Drying::lostPercent(...$weighings), 1e-9);
        $loss = Drying::weeklyLossPercent(self::figures(), ...$weighings);
        self::assertEqualsWithDelta(100 * 50 / 900 / 2, $loss, 1e-9);
        self::assertNull(Drying::lostPercent($weighings[0]));
        // Five seconds after the last, a slip of the scale is no loss of 16,000 % a week.
        $weighings[] = new Weighing($weighings[2]->at + 5, 848);
        self::assertEqualsWithDelta(
            100 * 52 / 900 / 2, Drying::weeklyLossPercent(self::figures(), ...$weighings), 1e-4,
        );
        self::assertNull(Drying::weeklyLossPercent(self::figures(), ...array_slice($weighings, 2)));
    }

    public function test_a_rough_bowl_dries_oval_and_its_wall_runs_out(): void
    {
        $truing = Truing::of(Truing::shrinkFraction(8.4, 30, 10), 250, 25, 0, 60);
        self::assertEqualsWithDelta(
            [0.056, 14.0, 18.0, 56.64],
            [$truing->shrinkFraction, $truing->ovalityMm, $truing->mostWallMm, $truing->tenonMm], 1e-9,
        );
        self::assertEqualsWithDelta(236, $truing->trueDiameterMm, 1e-9);
        self::assertSame(Truing::shrinkFraction(8.4, 30, 10), Truing::shrinkFraction(8.4, 80, 10), 'above saturation');
        self::assertEqualsWithDelta(25, Truing::roughWallMm(0.056, 250, 18, 0), 1e-9, 'the same the other way round');
    }

    public function test_the_jaws_that_still_hold_come_nearest_to_their_circle_first(): void
    {
        $sets = [
            new JawSet('wide', [40, 100], null), new JawSet('usual', [52, 70], [55, 80]),
            new JawSet('small', [20, 50], null), new JawSet('recess only', null, [50, 60]),
        ];
        $names = fn (float $tenon): array => array_column(JawSet::holding($sets, $tenon), 'name');
        self::assertSame(['usual', 'wide'], $names(56.64));
        self::assertSame(['wide', 'small'], $names(48));
        self::assertSame([], $names(110));
    }

    public function test_what_a_blank_yields_is_said_where_it_is_not_enough(): void
    {
        $wood = Drawn::tables()->woods->named('Ash (white)');
        $figures = Catalogue::shipped()->calibration();
        $largest = Largest::outOf(self::blank(), $wood, $figures, 10.0);
        $shrink = ($wood->figures->tangentialPercent ?? 0) / 100 * 20 / 30;
        self::assertEqualsWithDelta(280 - 280 * $shrink - 1, $largest->diameterMm, 1e-9);
        self::assertEqualsWithDelta(28 - 140 * $shrink - 1, $largest->wallMm, 1e-9);
        self::assertTrue($largest->fits(260, 90, 8));
        foreach (['diameter' => [275, 90, 8], 'height' => [260, 95, 8], 'wall' => [260, 90, 21]] as $field => $sizes) {
            try {
                $largest->check(...$sizes);
                self::fail("$field is too large");
            } catch (InvalidField $e) {
                self::assertSame($field, $e->field);
                self::assertStringContainsString('at most', $e->getMessage());
            }
        }
        // What is shown as the most, to a tenth of a mm or a hundredth of an inch, is taken when it is typed so.
        $shown = [round($largest->diameterMm, 1), round($largest->diameterMm / 25.4, 2) * 25.4];
        self::assertTrue($largest->fits(max($shown), 90, 8));
        self::assertFalse($largest->fits($largest->diameterMm + 0.2, 90, 8));
        $solid = Largest::outOf(self::blank(['form' => 'round', 'wall_mm' => null]), $wood, $figures, 10.0);
        self::assertNull($solid->wallMm);
        self::assertGreaterThan(0.5, $solid->wasted(Form::ShallowBowl->profile(250, 60, 90, 7)));
    }

    public function test_the_wall_that_is_left_is_least_where_the_bowl_is_widest(): void
    {
        $walls = self::blank()->wallsLeftMm(0.056, 1.0);
        self::assertSame([95.0, 47.5, 19.0], array_column($walls, 0));
        self::assertEqualsWithDelta(28 - 280 * 0.056 / 2 - 1, $walls[0][1], 0.01);
        self::assertLessThan($walls[1][1], $walls[0][1]);
        self::assertLessThan($walls[2][1], $walls[1][1]);
        self::assertSame([], self::blank(['form' => 'round', 'wall_mm' => null])->wallsLeftMm(0.056, 1.0));
    }

    public function test_thick_wood_may_lose_less_a_week_before_it_cracks(): void
    {
        self::assertEqualsWithDelta(6, self::blank(['wall_mm' => 25])->crackLossPercent(self::figures()), 1e-9);
        self::assertEqualsWithDelta(3, self::blank(['wall_mm' => 50])->crackLossPercent(self::figures()), 1e-9);
    }

    public function test_a_blank_is_refused_at_the_field_that_makes_no_sense(): void
    {
        foreach ([
            'wall_mm' => ['wall_mm' => 150], 'tenon_mm' => ['tenon_mm' => 300], 'felled_on' => [
                'felled_on' => '2026-02-31',
            ],
            'form' => ['form' => 'cube'], 'keeping' => ['keeping' => 'buried'], 'diameter_mm' => ['diameter_mm' => -1],
        ] as $field => $wrong) {
            try {
                self::blank($wrong)->checked();
                self::fail("$field makes no sense");
            } catch (InvalidField $e) {
                self::assertSame($field, $e->field);
            }
        }
    }

    /** @param  array<string, mixed>  $more */
    private static function blank(array $more = []): Blank
    {
        return Blank::read(Document::of($more + [
            'form' => 'rough-bowl', 'wood' => 'Ash (white)', 'diameter_mm' => 280, 'length_mm' => 95, 'wall_mm' => 28,
        ]));
    }

    private static function figures(): DryingFigures
    {
        return Catalogue::shipped()->calibration()->drying;
    }

    /**
     * @param  list<float>  $masses
     * @return list<Weighing>
     */
    private static function fortnights(array $masses): array
    {
        return array_map(
            fn (float $mass, int $i): Weighing => new Weighing($i * 14 * self::DAY, $mass), $masses,
            array_keys($masses),
        );
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001)) * cos(2 * M_PI * mt_rand(0, 1_000_000) / 1_000_001);
    }

    public function test_wet_work_dries_in_paper_by_its_wall_its_mouth_and_the_air(): void
    {
        $figures = Drawn::catalogue()->calibration()->drying;
        $days = fn (
            float $wall, ?float $mouth = null, float $emc = 12.0, float $c = 20.0, bool $sealed = false,
        ): float => (
            new PaperDrying($wall, $mouth, $emc, $c, $sealed)
        )->days($figures);
        foreach ([[1, 1.4], [3, 7.4], [6, 21.0], [10, 45.2], [22, 147.4]] as [$wall, $expected]) {
            self::assertEqualsWithDelta($expected, $days($wall), 0.06, "$wall mm");
        }
        self::assertEqualsWithDelta(67.8, $days(10, 0.3), 0.1, 'under a narrow mouth');
        self::assertEqualsWithDelta(45.2, $days(10, 0.34), 0.1);
        self::assertEqualsWithDelta(21 * 9 / 12, $days(6, null, 9.0), 1e-9, 'in drier air');
        self::assertEqualsWithDelta(31.5, $days(6, null, 12.0, 12.0), 1e-9, 'eight degrees colder');
        self::assertEqualsWithDelta(31.5, $days(6, null, 12.0, 20.0, true), 1e-9, 'under oil');
        $oak = Drawn::tables()->woods->named('Oak (white)');
        $oval = fn (GrainDirection $grain): ?float => Truing::ovalMm($oak, $grain, 250, 30, 10);
        self::assertEqualsWithDelta(17.5, $oval(GrainDirection::Side), 0.01, 'flat-sawn: along the rings alone');
        self::assertEqualsWithDelta(17.5 - 9.33, $oval(GrainDirection::End), 0.01, 'less what goes across them');
        foreach (['flat-sawn' => 17.5, 'quarter-sawn' => 9.33, 'between' => 13.42] as $rings => $mm) {
            self::assertEqualsWithDelta($mm, Truing::ovalMm(
                $oak, GrainDirection::Side, 250, 30, 10, Rings::from($rings),
            ), 0.01, $rings);
        }
        $rough = fn (array $more): ?Truing => self::blank(['wood' => 'Oak (white)', 'diameter_mm' => 250] + $more)
            ->truing($oak, 30, 10, 0.0);
        self::assertEqualsWithDelta(9.33, $rough(['rings' => 'quarter-sawn'])?->ovalityMm, 0.01);
        self::assertEqualsWithDelta(7.86, $rough(['grain' => 'end'])?->ovalityMm, 0.01, 'of what is left, 240.7 mm');
        self::assertEqualsWithDelta(250 - 9.33 - 7.86, $rough(['grain' => 'end'])?->trueDiameterMm, 0.01);
        self::assertSame([], PaperDrying::rewraps(7.4, $figures));
        self::assertSame([7.0, 14.0], PaperDrying::rewraps(21.0, $figures));
        self::assertSame([7.0, 14.0, 21.0, 28.0, 56.0], PaperDrying::rewraps(60.0, $figures));
    }

    public function test_measured_axes_say_how_oval_it_is(): void
    {
        $measured = self::blank(['long_mm' => 280, 'short_mm' => 262]);
        self::assertEqualsWithDelta(18.0, $measured->measuredTruing(1.0)?->ovalityMm, 1e-9);
        self::assertEqualsWithDelta(261.0, $measured->measuredTruing(1.0)?->trueDiameterMm, 1e-9);
        self::assertNull(self::blank(['long_mm' => 280])->measuredTruing(1.0), 'of both');
        $largest = fn (array $axes): float => Largest::outOf(
            self::blank($axes), Drawn::tables()->woods->named('Ash (white)'), Drawn::catalogue()->calibration(), 9.0,
        )->diameterMm;
        self::assertLessThan($largest([]), $largest(['long_mm' => 280, 'short_mm' => 240]), 'what is less holds');
        self::assertSame($largest([]), $largest(['long_mm' => 280, 'short_mm' => 279]), 'and it dries on');
    }

    public function test_waiting_wood_checks_by_how_it_is_kept_in_which_air(): void
    {
        $figures = self::figures();
        $days = fn (array $more, float $emc = 12.0, ?float $c = null): ?float => (new Checks(
            self::blank(['form' => 'log', 'wall_mm' => null] + $more), $emc, $c,
        ))->days($figures);
        self::assertSame(7.0, $days([]));
        self::assertSame([21.0, 60.0, 120.0, 120.0, null], array_map(
            fn (string $kept): ?float => $days(['keeping' => $kept]),
            ['wrapped', 'ends-sealed', 'waxed', 'bagged', 'in-water'],
        ));
        self::assertSame(3.5, $days(['pith' => 'in']), 'with its pith');
        self::assertEqualsWithDelta(10.5, $days([], 18.0), 1e-9, 'in damper air');
        self::assertEqualsWithDelta(10.5, $days([], 12.0, 12.0), 1e-9, 'eight degrees colder');
        self::assertNull((new Checks(self::blank(), 12.0))->days($figures), 'what is roughed out has no ends');
    }

    public function test_a_kiln_a_date_or_a_meter_each_says_how_dry_wood_is(): void
    {
        $figures = Drawn::catalogue()->calibration()->drying;
        $now = (int) strtotime('2026-11-29T12:00:00Z');
        $of = fn (array $more): ?Dryness => Dryness::of(Blank::read(Document::of($more + [
            'form' => 'slab', 'wood' => 'Ash (white)', 'diameter_mm' => 300, 'length_mm' => 50,
        ])), 9.0, $now, $figures);
        self::assertNull($of([]), 'nothing was said');
        self::assertTrue($of(['kiln_on' => '2026-11-15'])?->isReady);
        self::assertFalse($of(['kiln_on' => '2026-11-16'])?->isReady, 'a fortnight in the shop');
        self::assertSame(strtotime('2026-11-30T00:00:00Z'), $of(['kiln_on' => '2026-11-16'])->readyAt);
        self::assertTrue($of(['meter_percent' => 11.0])?->isReady, 'two points over the equilibrium');
        self::assertFalse($of(['meter_percent' => 11.1])?->isReady);
        self::assertStringContainsString('lids and fits', Told::of($of(['meter_percent' => 10.1])->said));
        self::assertStringNotContainsString('lids and fits', Told::of($of(['meter_percent' => 10.0])->said));
        self::assertTrue($of(['taken_as_dry' => true, 'meter_percent' => 30])?->isReady, 'as its maker takes it');
        $air = $of(['cut_on' => '2025-11-29']);
        self::assertFalse($air?->isReady);
        self::assertNull($air->readyAt, 'a rule of thumb is no date');
        $years = fn (int $i): float => (($air->range[$i] ?? 0) - strtotime('2025-11-29T00:00:00Z')) / 86_400 / 365.25;
        self::assertEqualsWithDelta(2 ** 1.5 / 2, $years(0), 0.001);
        self::assertEqualsWithDelta(2 ** 1.5, $years(1), 0.001);
        $round = $of(['cut_on' => '2025-11-29', 'form' => 'round']);
        self::assertEqualsWithDelta(0.75, (($round->range[1] ?? 0) - strtotime('2025-11-29T00:00:00Z'))
            / (($air->range[1] ?? 1) - strtotime('2025-11-29T00:00:00Z')), 0.001, 'from all sides');
    }
}
