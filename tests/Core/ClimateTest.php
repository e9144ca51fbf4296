<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Calibration\ClimateFigures;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\AirReading;
use HonestGrain\Coating\Climate;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\ClimateStretch;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\DayNightClimate;
use HonestGrain\Coating\DewPoint;
use HonestGrain\Coating\Exception\Stalled;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\RecordedClimate;
use HonestGrain\Reading\InvalidField;
use PHPUnit\Framework\TestCase;

/** An air as it was read, as its days usually go, and as the maker means to have it. */
final class ClimateTest extends TestCase
{
    /** 1 December 2026, midnight UTC. */
    private const START = 1_796_083_200;

    private const HOUR = 3600;

    public function test_the_record_holds_where_there_is_one_and_the_usual_day_where_there_is_none(): void
    {
        $air = $this->air($this->days(3));
        $at = fn (int $day, int $hour): float => $air->stretchAt(self::START + ($day * 24 + $hour) * self::HOUR)->tempC;
        self::assertEqualsWithDelta([10.0, 20.0], [$at(1, 3), $at(1, 14)], 1e-9);
        self::assertTrue($air->isRecorded(self::START + 50 * self::HOUR));
        // Two weeks on nothing is recorded: the mean of the same hour on recent days.
        self::assertFalse($air->isRecorded(self::START + 17 * 86_400));
        self::assertEqualsWithDelta([10.0, 20.0], [$at(17, 3), $at(17, 14)], 1e-9);
    }

    public function test_a_gap_is_filled_by_the_usual_day_for_show_alone(): void
    {
        $readings = array_values(array_filter(
            $this->days(3), fn (AirReading $one): bool => $one->at < self::START + 26 * self::HOUR
                || $one->at > self::START + 60 * self::HOUR,
        ));
        $air = $this->air($readings);
        $inGap = self::START + 38 * self::HOUR;
        self::assertFalse($air->isRecorded($inGap));
        self::assertEqualsWithDelta(20.0, $air->shownAt($inGap)->tempC, 1e-9);
        self::assertEqualsWithDelta(10.0, $air->stretchAt($inGap)->tempC, 1e-9, 'the last reading holds');
        self::assertSame($air->stretchAt($inGap)->until, self::START + 61 * self::HOUR);
        $one = $this->air([new AirReading(self::START, 5, 50)]);
        self::assertEqualsWithDelta(5, $one->stretchAt(self::START + 2 * self::HOUR)->tempC, 1e-9);
        self::assertEqualsWithDelta(18, $one->stretchAt(self::START + 12 * self::HOUR)->tempC, 1e-9, 'the setting');
        self::assertEqualsWithDelta(
            5, $one->stretchAt(self::START + 24 * self::HOUR)->tempC, 1e-9, 'the hour that was',
        );
    }

    public function test_a_cold_week_moves_a_cure_and_warming_the_shop_brings_it_back(): void
    {
        $figures = Catalogue::shipped()->calibration();
        $kinetics = Kinetics::of(2.0, Humidity::None, 5.0, null);
        $cure = fn (array $readings, array $warmed = []): int => (new CureClock(
            $figures->coats, $this->air($readings, $warmed),
        ))->run(24, $kinetics, self::START + 72 * self::HOUR)->end;
        $mild = $cure($this->days(3));
        $cold = $cure($this->days(3, -8.0));
        self::assertGreaterThan($mild + 8 * self::HOUR, $cold);
        $warmed = $cure($this->days(3, -8.0), [[self::START + 72 * self::HOUR, self::START + 120 * self::HOUR, 21.0]]);
        self::assertSame(self::START + 96 * self::HOUR, $warmed, 'at 21 °C an hour is an hour');
    }

    public function test_a_long_wait_by_days_is_over_when_it_is_over_hour_by_hour(): void
    {
        $figures = Catalogue::shipped()->calibration();
        $zone = new \DateTimeZone('Europe/Dublin');
        $setting = DayNightClimate::of(18, 55, 13, 65, 8, 18, $zone);
        $daily = new RecordedClimate($figures->climate, $this->days(9, -6.0), $setting, $zone);
        $hourly = new class($daily) implements Climate
        {
            public function __construct(private readonly RecordedClimate $air)
            {
            }

            public function stretchAt(int $second): ClimateStretch
            {
                return $this->air->stretchAt($second);
            }
        };
        // From the last of winter over the change of clocks; colder than its least by night, so that it stands still.
        foreach ([self::START, self::START + 30 * 86_400 + 1234, self::START + 110 * 86_400] as $start) {
            foreach ([3.0, 40.0, 300.0, 1000.0] as $need) {
                $kinetics = Kinetics::of(2.0, Humidity::None, 5.0, null);
                [$a, $b] = array_map(fn (Climate $air) => (new CureClock($figures->coats, $air))->run(
                    $need, $kinetics, $start,
                ), [$daily, $hourly]);
                self::assertEqualsWithDelta($b->end, $a->end, 1);
                self::assertEqualsWithDelta($b->stalledHours, $a->stalledHours, 1e-6);
                self::assertEquals($b->warnings, $a->warnings);
            }
        }
    }

    public function test_looked_up_a_wait_is_over_when_it_is_over_run_through(): void
    {
        $coats = Catalogue::shipped()->calibration()->coats;
        $days = $this->days(9, -6.0);
        $record = ClimateRecord::of(array_map(
            fn (AirReading $one): array => [$one->at, $one->tempC, $one->rhPercent], $days,
        ));
        $waits = [[40.0, 100 * self::HOUR], [0.01, 0], [3.0, 4567], [300.0, 30 * self::HOUR], [1000.0, 5]];
        $kinds = [
            Kinetics::of(2.0, Humidity::WaterBorne, 5.0, 85.0), Kinetics::of(2.0, Humidity::None, 9.0),
            Kinetics::of(1.4, Humidity::MoistureCuring)->slowed(1.7), Kinetics::of(2.0, Humidity::None, 14.5),
        ];
        $warm = [[self::START + 300 * self::HOUR, self::START + 420 * self::HOUR, 19.0]];
        foreach ([$this->air($days, $warm), $this->air([]), $record] as $air) {
            $clock = new CureClock($coats, $air);
            foreach ($kinds as $kinetics) {
                // The second one begins before what was looked up first.
                foreach ([...$waits, ...array_reverse($waits)] as [$need, $after]) {
                    [$start, $ends] = [self::START + 100 * self::HOUR + $after, []];
                    foreach (['end', 'run'] as $way) {
                        try {
                            $at = $clock->$way($need, $kinetics, $start);
                            $ends[] = is_int($at) ? $at : $at->end;
                        } catch (Stalled $e) {
                            $ends[] = $e->getMessage();
                        }
                    }
                    self::assertSame($ends[1], $ends[0]);
                }
            }
        }
    }

    public function test_each_wait_runs_in_the_air_it_is_in_and_no_other_is_read(): void
    {
        $coats = Catalogue::shipped()->calibration()->coats;
        $read = 0;
        $cupboard = function () use (&$read): Climate {
            $read++;

            return $this->air([new AirReading(self::START, 31, 50)]);
        };
        $shop = $this->air([new AirReading(self::START, 21, 50)]);
        $clock = new CureClock($coats, $shop, ['cupboard' => $cupboard]);
        $kinetics = Kinetics::of(2.0);
        $hours = fn (Kinetics $one): float => $clock->run(2, $one, self::START)->elapsedHours();
        self::assertEqualsWithDelta(2, $hours($kinetics), 1e-6);
        self::assertSame(0, $read, 'an air that nothing dries in is not read');
        self::assertEqualsWithDelta(1, $hours($kinetics->in('cupboard')), 1e-6, 'ten degrees more, Q 2');
        self::assertEqualsWithDelta(2, $hours($kinetics->slowed(2)->in('cupboard')), 1e-6);
        self::assertEqualsWithDelta(2, $hours($kinetics->in('cupboard')->slowed(2)), 1e-6);
        self::assertEqualsWithDelta(2, $hours($kinetics->in('gone')), 1e-6, 'one that is gone is the shop');
        self::assertSame(1, $read);
        // Finishes dry in the air of their table, colours on the bench, and the label stands.
        $table = Catalogue::shipped()->coatings()->withLabels(['Pure tung oil' => ['dust_free_h' => 33.0]])
            ->dryingIn('cupboard');
        self::assertSame('cupboard', $table->coating('Paste wax')->kinetics()->air);
        self::assertSame(
            ['cupboard', 33.0], [$table->coating('Pure tung oil')->kinetics()->air,
                $table->coating('Pure tung oil')->dustFreeHours],
        );
        self::assertSame('', array_values($table->stains())[0]->kinetics()->air);
    }

    public function test_warmed_air_is_drier_by_its_dew_point(): void
    {
        $air = $this->air([], [[self::START, self::START + 9 * self::HOUR, 24.0]]);
        $plain = $this->air([])->stretchAt(self::START + self::HOUR);
        $warm = $air->stretchAt(self::START + self::HOUR);
        self::assertSame(24.0, $warm->tempC);
        self::assertLessThan($plain->rhPercent, $warm->rhPercent);
        self::assertEqualsWithDelta(
            DewPoint::of($plain->tempC, $plain->rhPercent), DewPoint::of($warm->tempC, $warm->rhPercent), 1e-6,
        );
        self::assertSame(18.0, $air->stretchAt(self::START + 10 * self::HOUR)->tempC, 'only until then');
    }

    public function test_every_stretch_goes_on_where_the_last_one_ended(): void
    {
        $air = $this->air($this->days(2), [[self::START + 40 * self::HOUR + 7, self::START + 55 * self::HOUR, 19.0]]);
        $now = self::START - 5 * self::HOUR;
        for ($i = 0; $i < 300 && $now < self::START + 80 * self::HOUR; $i++) {
            $stretch = $air->stretchAt($now);
            self::assertNotNull($stretch->until);
            self::assertGreaterThan($now, $stretch->until);
            self::assertSame($stretch->tempC, $air->stretchAt($stretch->until - 1)->tempC, "up to $stretch->until");
            $now = $stretch->until;
        }
        self::assertGreaterThanOrEqual(self::START + 80 * self::HOUR, $now);
    }

    public function test_nonsense_is_named_and_never_taken(): void
    {
        $figures = self::figures();
        $before = [new AirReading(self::START, 15, 55)];
        $read = fn (float $c, float $rh, int $minutes = 60): ?string => (new AirReading(
            self::START + $minutes * 60, $c, $rh,
        ))->nonsense($figures, $before);
        self::assertNull($read(16, 56));
        self::assertSame('range', $read(85, 55));
        self::assertSame('range', $read(15, 130));
        self::assertSame('range', $read(NAN, 50));
        self::assertSame('jump', $read(30, 55));
        self::assertSame('jump', $read(15, 99));
        self::assertNull($read(30, 55, 600), 'ten hours may warm a shop');
        self::assertNull($read(-30, 55, 600));
        self::assertNull($read(60, 100, 600), 'the bounds themselves may be read');
        self::assertNull($read(60, 0, 600));
        // Ten degrees or forty per cent in an hour may be; a hair more may not.
        self::assertNull($read(25, 95));
        self::assertSame('jump', $read(25.1, 55));
        self::assertSame('jump', $read(15, 95.1));
        self::assertNull($read(45, 55, 180), 'over three hours the change is slow enough');
        self::assertSame('jump', $read(45.1, 55, 180), 'three hours on, the one before still counts');
        self::assertNull($read(45.1, 55, 181), 'after three hours it does not');
        $same = array_map(
            fn (int $h): AirReading => new AirReading(self::START + $h * self::HOUR, 15, 55), range(0, 25),
        );
        self::assertSame('stuck', (new AirReading(self::START + 26 * self::HOUR, 15, 55))->nonsense($figures, $same));
        self::assertNull((new AirReading(self::START + 26 * self::HOUR, 15.1, 55))->nonsense($figures, $same));
        // A day to the second; a second short of it, or one other reading among them, and the station lives.
        $first = [$same[0]];
        $at = fn (int $second): ?string => (new AirReading(self::START + $second, 15, 55))->nonsense($figures, $first);
        self::assertSame('stuck', $at(24 * self::HOUR));
        self::assertNull($at(24 * self::HOUR - 1));
        $moved = [...$same];
        $moved[20] = new AirReading(self::START + 20 * self::HOUR, 15, 56);
        self::assertNull((new AirReading(self::START + 26 * self::HOUR, 15, 55))->nonsense($figures, $moved));
    }

    public function test_a_day_is_set_from_an_hour_to_a_later_one(): void
    {
        $zone = new \DateTimeZone('UTC');
        $whole = DayNightClimate::of(20, 50, 8, 60, 0, 24, $zone);
        foreach ([0, 12 * self::HOUR, 86_399] as $second) {
            self::assertSame(20.0, $whole->stretchAt(self::START + $second)->tempC);
        }
        $day = DayNightClimate::of(20, 50, 8, 60, 8, 18, $zone);
        foreach ([[0, 8.0, 8], [8, 20.0, 18], [18, 8.0, 32]] as [$hour, $tempC, $until]) {
            $stretch = $day->stretchAt(self::START + $hour * self::HOUR);
            self::assertSame([$tempC, self::START + $until * self::HOUR], [$stretch->tempC, $stretch->until]);
        }
        foreach ([[-1, 18], [8, 25], [18, 8], [9, 9]] as [$from, $to]) {
            try {
                DayNightClimate::of(20, 50, 8, 60, $from, $to, $zone);
                self::fail("A day from $from to $to was taken.");
            } catch (InvalidField $e) {
                self::assertStringContainsString("$from to $to", $e->getMessage());
            }
        }
    }

    /** @return list<AirReading> hourly: 10 °C by night, 20 from eight to eighteen */
    private function days(int $count, float $off = 0.0): array
    {
        return array_map(fn (int $hour): AirReading => new AirReading(
            self::START + $hour * self::HOUR, ($hour % 24 >= 8 && $hour % 24 < 18 ? 20.0 : 10.0) + $off, 55,
        ), range(0, $count * 24 - 1));
    }

    /**
     * @param  list<AirReading>  $readings
     * @param  list<array{int, int, float}>  $warmed
     */
    private function air(array $readings, array $warmed = []): RecordedClimate
    {
        $zone = new \DateTimeZone('UTC');

        return new RecordedClimate(
            self::figures(), $readings, DayNightClimate::of(18, 55, 13, 65, 8, 18, $zone), $zone, $warmed,
        );
    }

    private static function figures(): ClimateFigures
    {
        return Catalogue::shipped()->calibration()->climate;
    }
}
