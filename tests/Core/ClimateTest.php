<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Coating\Climate;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\Cure;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Schedule\Wait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The shop's air over the hours, and the clock that waits run by in it. */
final class ClimateTest extends TestCase
{
    private const MIDNIGHT = 1_796_083_200; // 2026-12-01, UTC

    public function test_day_and_night_follow_the_shops_own_clock(): void
    {
        $dublin = DayNightClimate::of(18, 55, 12, 66, 8, 19, new \DateTimeZone('Europe/Dublin'));
        $auckland = DayNightClimate::of(18, 55, 12, 66, 8, 19, new \DateTimeZone('Pacific/Auckland'));
        $noon = (int) strtotime('2026-12-01T12:00:00Z');
        self::assertSame(18.0, $dublin->stretchAt($noon)->tempC);
        self::assertSame(12.0, $auckland->stretchAt($noon)->tempC);
        self::assertSame((int) strtotime('2026-12-01T19:00:00Z'), $dublin->stretchAt($noon)->until);
        self::assertSame(
            (int) strtotime('2026-12-02T08:00:00Z'), $dublin->stretchAt((int) strtotime('2026-12-01T19:00:00Z'))->until,
        );
        self::assertSame(
            (int) strtotime('2026-12-01T08:00:00Z'), $dublin->stretchAt((int) strtotime('2026-12-01T03:00:00Z'))->until,
        );
    }

    public function test_day_and_night_agree_with_a_record_of_the_same_air(): void
    {
        $zone = new \DateTimeZone('UTC');
        $settings = DayNightClimate::of(19, 52, 11, 70, 7, 20, $zone);
        $readings = [];
        for ($day = -1; $day < 60; $day++) {
            $midnight = self::MIDNIGHT + $day * 86_400;
            $readings[] = [$midnight + 7 * 3600, 19.0, 52.0];
            $readings[] = [$midnight + 20 * 3600, 11.0, 70.0];
        }
        $record = ClimateRecord::of($readings);
        foreach ([Humidity::None, Humidity::WaterBorne, Humidity::MoistureCuring] as $humidity) {
            foreach ([1.0, 18.0, 300.0] as $need) {
                $kinetics = Kinetics::of(2, $humidity, 8);
                $from = self::MIDNIGHT + 16 * 3600 + 123;
                self::assertSame(
                    Drawn::clock($record)->run($need, $kinetics, $from)->end,
                    Drawn::clock($settings)->run($need, $kinetics, $from)->end,
                );
            }
        }
    }

    #[DataProvider('airs')]
    public function test_the_end_is_where_the_summed_rate_meets_the_need(
        Climate $air,
        Kinetics $kinetics,
        float $need,
    ): void {
        $start = self::MIDNIGHT + 10 * 3600;
        $end = Drawn::clock($air)->run($need, $kinetics, $start)->end;
        $done = 0.0;
        for ($second = $start; $second < $end; $second += 60) {
            $stretch = $air->stretchAt($second);
            $done += $kinetics->rate($stretch->tempC, $stretch->rhPercent) * min(60, $end - $second) / 3600;
        }
        self::assertEqualsWithDelta($need, $done, 0.02 * max(1.0, $need / 24));
    }

    /** @return iterable<string, array{Climate, Kinetics, float}> */
    public static function airs(): iterable
    {
        $zone = new \DateTimeZone('UTC');
        yield 'a warm day, a cold night' => [
            DayNightClimate::of(20, 50, 8, 75, 8, 18, $zone), Kinetics::of(2, minC: 5), 24,
        ];
        yield 'nights too cold to dry' => [
            DayNightClimate::of(20, 50, 8, 75, 8, 18, $zone), Kinetics::of(2, minC: 10), 24,
        ];
        yield 'a water-borne coat in the damp' => [
            DayNightClimate::of(17, 78, 13, 88, 8, 18, $zone), Kinetics::of(1.5, Humidity::WaterBorne, 10), 12,
        ];
        yield 'an oily wood' => [DayNightClimate::of(18, 50, 14, 60, 8, 18, $zone), Kinetics::of(2)->slowed(2.5), 18];
        yield 'one reading' => [ClimateRecord::of([[self::MIDNIGHT, 16.0, 60.0]]), Kinetics::of(2), 18];
    }

    public function test_rates_at_the_reference_and_beside_it(): void
    {
        self::assertSame(1.0, Kinetics::of(2)->rate(21, 50));
        self::assertSame(1.0, Kinetics::of(1.5, Humidity::WaterBorne)->rate(21, 50));
        self::assertSame(1.0, Kinetics::of(2, Humidity::MoistureCuring)->rate(21, 50));
        self::assertEqualsWithDelta(0.5, Kinetics::of(2)->rate(11, 90), 1e-12);
        self::assertEqualsWithDelta(1.5, Kinetics::of(1.5)->rate(31, 90), 1e-12);
        self::assertEqualsWithDelta(0.4, Kinetics::of(1.5, Humidity::WaterBorne)->rate(21, 80), 1e-12);
        self::assertEqualsWithDelta(1.6, Kinetics::of(2, Humidity::MoistureCuring)->rate(21, 80), 1e-12);
        self::assertSame(0.0, Kinetics::of(2, Humidity::WaterBorne)->rate(21, 100));
        self::assertSame(0.0, Kinetics::of(2, minC: 10)->rate(9.9, 50));
        self::assertGreaterThan(0.0, Kinetics::of(2, minC: 10)->rate(10, 50));
        self::assertEqualsWithDelta(0.4, Kinetics::of(2)->slowed(2.5)->rate(21, 50), 1e-12);
    }

    public function test_reactions_double_and_loss_of_solvent_gains_half(): void
    {
        foreach ([Cure::Oxidative, Cure::Reactive, Cure::EvaporativeThenReactive] as $cure) {
            self::assertSame(2.0, $cure->q());
        }
        foreach ([Cure::Evaporative, Cure::Coalescing, Cure::None] as $cure) {
            self::assertSame(1.5, $cure->q());
        }
    }

    public function test_warnings_say_what_was_met_and_only_that(): void
    {
        $run = fn (float $tempC, float $rh): array => (Drawn::clock(
            ClimateRecord::of(
                [[0, 21.0, 50.0], [self::MIDNIGHT + 3600, $tempC, $rh], [self::MIDNIGHT + 7200, 21.0, 50.0]],
            ),
        ))
            ->run(6, Kinetics::of(2, minC: 10, maxRhPercent: 80), self::MIDNIGHT)->warnings;
        self::assertSame([], $run(18, 60));
        self::assertCount(1, $run(7, 60));
        self::assertStringContainsString('stands still', $run(7, 60)[0]);
        self::assertCount(2, $run(18, 90));
        self::assertStringContainsString('limit of 80 %', $run(18, 90)[0]);
        self::assertStringContainsString('dew point', $run(18, 90)[1]);
    }

    public function test_the_dew_point_is_the_temperature_itself_in_saturated_air_and_falls_with_dryness(): void
    {
        foreach ([5.0, 15.0, 25.0] as $tempC) {
            self::assertEqualsWithDelta($tempC, DewPoint::of($tempC, 100), 1e-9);
            self::assertLessThan(DewPoint::of($tempC, 80), DewPoint::of($tempC, 60));
            self::assertTrue(DewPoint::isNear(Drawn::coats(), $tempC, 90));
            self::assertFalse(DewPoint::isNear(Drawn::coats(), $tempC, 60));
        }
    }

    public function test_a_wait_opens_on_a_whole_minute_and_never_closes_before_it_opens(): void
    {
        $clock = Drawn::clock(DayNightClimate::of(18, 55, 12, 66, 8, 19, new \DateTimeZone('Europe/Dublin')));
        foreach ([0.1, 1.0, 4.0, 17.5] as $min) {
            foreach ([0.0, 0.05, 14.0] as $more) {
                $wait = Wait::hours($min, $min + $more, Kinetics::of(2));
                $opens = $wait->opens(self::MIDNIGHT + 777, $clock);
                self::assertSame(0, $opens % 60);
                self::assertGreaterThanOrEqual($opens, $wait->closes(self::MIDNIGHT + 777, $clock));
            }
        }
        self::assertSame(self::MIDNIGHT, Wait::none()->opens(self::MIDNIGHT, $clock));
        self::assertNull(Wait::none()->closes(self::MIDNIGHT, $clock));
    }

    public function test_what_never_ends_is_said_with_its_cause(): void
    {
        foreach ([[8.0, 50.0, 'below the product\'s least 10 °C'], [21.0, 100.0, 'at 100 % RH it does not dry']] as [
            $tempC, $rh, $why,
        ]) {
            try {
                Drawn::clock(DayNightClimate::of($tempC, $rh, $tempC, $rh, 8, 18, new \DateTimeZone('UTC')))->run(
                    5, Kinetics::of(1.5, Humidity::WaterBorne, 10), self::MIDNIGHT,
                );
                self::fail('It ended.');
            } catch (Stalled $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_name(callable $make, string $field): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidField $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function nonsense(): iterable
    {
        yield 'no readings' => [fn () => ClimateRecord::of([]), 'climate'];
        yield 'readings out of order' => [
            fn () => ClimateRecord::of([[100, 20.0, 50.0], [100, 20.0, 50.0]]), 'climate.1.at',
        ];
        yield 'a day that ends before it begins' => [
            fn () => DayNightClimate::of(18, 50, 12, 60, 18, 8, new \DateTimeZone('UTC')), 'climate.day',
        ];
        yield 'a rate that shrinks with warmth' => [fn () => Kinetics::of(0.5), 'q'];
        yield 'a rate that is no number' => [fn () => Kinetics::of(NAN), 'q'];
        yield 'slowed by nothing' => [fn () => Kinetics::of(2, slowedBy: 0.0), 'slowed_by'];
        yield 'a wait before it began' => [fn () => Wait::hours(-1), 'wait.min_hours'];
        yield 'a wait without end' => [fn () => Wait::hours(INF), 'wait.min_hours'];
        yield 'a window that shuts before it opens' => [fn () => Wait::hours(5, 4), 'wait.max_hours'];
    }
}
