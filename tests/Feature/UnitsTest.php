<?php

declare(strict_types=1);

namespace Tests\Feature;

use HonestGrain\Words\Unit;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Whatever a maker reads or types is in the units, scale, clock and zone of their own choice; what is stored never is.
 */
final class UnitsTest extends FeatureTestCase
{
    #[DataProvider('units')]
    public function test_what_is_shown_in_a_field_comes_back_as_it_was(Unit $unit, float $metric): void
    {
        foreach ([false, true] as $imperial) {
            $show = $this->show($imperial);
            $typed = $show->field($unit, $metric);
            $step = 0.5 * 10 ** -$unit->decimals($imperial) * ($imperial ? abs(
                $show->typed($unit, 1.0) - $show->typed($unit, 0.0),
            ) : 1);
            self::assertEqualsWithDelta($metric, $show->typed($unit, (float) $typed), $step + 1e-9);
            self::assertSame(
                $typed, $show->field($unit, $show->typed($unit, (float) $typed)),
                'a field saved without a change stays as it is',
            );
        }
    }

    /** @return iterable<string, array{Unit, float}> */
    public static function units(): iterable
    {
        yield 'a wall' => [Unit::Length, 6.5];
        yield 'a platter' => [Unit::Length, 412.0];
        yield 'a cold shop' => [Unit::Temperature, -3.5];
        yield 'a warm shop' => [Unit::Temperature, 21.0];
        yield 'a rim' => [Unit::Speed, 5.0];
        yield 'a tin' => [Unit::Volume, 410.0];
        yield 'a label' => [Unit::Coverage, 14.0];
    }

    #[DataProvider('systems')]
    public function test_a_page_saved_as_it_stands_changes_nothing(string $units): void
    {
        $piece = $this->bowl();
        $label = ['solids_percent' => 47.25, 'dust_free_h' => 0.25, 'recoat_from_h' => 12.75, 'full_cure_days' => 1.0];
        $this->put(
            '/shelf/tin', ['product' => 'Hard-wax oil', 'label' => $label, 'stock_ml' => '354.7'],
        )->assertSessionHasNoErrors();
        $this->post(
            route('pieces.marks', $piece),
            [
                'version' => 1, 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '30.25', 'to' => '32.37',
                'minutes' => '7.25', 'wait_hours' => '0.75',
            ],
        )->assertSessionHasNoErrors();
        $this->put(
            route('pieces.surface', $piece), ['version' => 2, 'tool_mark_um' => ['outside' => '1234.25']],
        )->assertSessionHasNoErrors();
        $this->prefer(['units' => $units]);

        $tin = $this->shop->tins()->firstOrFail();
        $this->put(
            '/shelf/tin', ['product' => 'Hard-wax oil'] + $this->fieldsOf('/shelf/tin?product=Hard-wax%20oil'),
        )->assertSessionHasNoErrors();
        self::assertEquals([$label, 354.7], [$tin->refresh()->label->figures, (float) $tin->stock_ml]);

        $before = $piece->refresh()->document->fields();
        [$mark] = $before['parts'][0]['marks'];
        $this->put(
            route('pieces.marks.update', [$piece, $mark['id']]),
            ['version' => 3, 'technique' => $mark['technique'], 'on' => 'outer'] + $this->fieldsOf(
                route('pieces.marks', [$piece, 'mark' => $mark['id']]),
            ),
        )->assertSessionHasNoErrors();
        $this->put(
            route('pieces.surface', $piece),
            ['version' => $piece->refresh()->version] + $this->fieldsOf(route('pieces.surface', $piece)),
        )->assertSessionHasNoErrors();
        self::assertEquals($before, $piece->refresh()->document->fields());
    }

    /** @return iterable<string, array{string}> */
    public static function systems(): iterable
    {
        yield 'metric' => ['metric'];
        yield 'imperial' => ['imperial'];
    }

    /**
     * @return array<string, mixed> the number fields of a page that have something in them, as a browser would send
     *     them
     */
    private function fieldsOf(string $url): array
    {
        $found = $this->numbers((string) $this->get($url)->assertOk()->getContent());
        self::assertNotSame([], $found);
        parse_str(http_build_query($found), $fields);

        return $fields;
    }

    public function test_a_limit_that_is_shown_is_taken_and_never_shown_as_more_than_it_is(): void
    {
        foreach ([false, true] as $isImperial) {
            $show = $this->show(imperial: $isImperial);
            foreach ([[0.5, 200.0], [5.0, 2000.0], [1.0, 1000.0], [0.3, 4.8287]] as [$least, $most]) {
                preg_match('/^between:([\d.]+),([\d.]+)$/', $show->between(Unit::Length, $least, $most), $shown);
                self::assertGreaterThanOrEqual($least - 1e-9, $show->typed(Unit::Length, (float) $shown[1]));
                self::assertLessThanOrEqual($most + 1e-9, $show->typed(Unit::Length, (float) $shown[2]));
            }
        }
        self::assertSame('122.6 mm', $this->show()->atMost(122.69));
        self::assertSame('4.830 in', $this->show(imperial: true)->atMost(122.69));
        self::assertSame('200.0 mm', $this->show()->atMost(200.0));
    }

    public function test_known_pairs_of_the_two_systems(): void
    {
        $inches = $this->show(imperial: true);
        self::assertSame('1.000 in', $inches->length(25.4, 3));
        self::assertSame('69.8 °F', $inches->temperature(21));
        self::assertSame('32 °F', $inches->temperature(0));
        self::assertSame('16.4 ft/s', $inches->speed(5));
        self::assertSame('1.00 fl oz', $inches->volume(29.5735295625));
        self::assertSame('570 ft²/gal', $inches->coverage(14));
        self::assertSame('14 m²/L', $this->show()->coverage(14));
        self::assertSame('21 °C', $this->show()->temperature(21));
        self::assertSame('8.5 mL', $this->show()->volume(8.5));
        self::assertSame('between:14,113', $inches->between(Unit::Temperature, -10, 45));
    }

    public function test_hours_days_and_clocks_read_as_people_say_them(): void
    {
        $show = $this->show(timeZone: 'Europe/Oslo');
        self::assertSame(
            ['45 min', '1 h', '17.8 h', '2 days', '47 days'],
            array_map($show->hours(...), [0.75, 1.0, 17.8, 48.0, 47 * 24.0]),
        );
        self::assertSame(
            ['8 min', '59 min', '1 h 00', '2 h 05'], array_map($show->minutes(...), [8.0, 59.4, 60.0, 125.0]),
        );
        self::assertSame(['1 day', '1 day', '0.5 days'], array_map($show->days(...), [1.0, 24.2 / 24, 0.5]));
        $evening = Carbon::parse('2026-12-01 22:30:00', 'UTC');
        self::assertSame(['Tue 1 Dec', '23:30'], [$show->day($evening), $show->time($evening)]);
        self::assertSame('11:30 pm', $this->show(twelveHours: true, timeZone: 'Europe/Oslo')->time($evening));
        self::assertSame('2026-12-02T00:30', $show->fieldTime($evening->copy()->addHour()));
        self::assertTrue($show->isToday($evening));
        self::assertFalse($show->isToday($evening->copy()->addHour()));
    }

    public function test_the_shop_is_typed_in_fahrenheit_and_inches_and_kept_in_celsius_and_millimetres(): void
    {
        $this->prefer(['units' => 'imperial']);
        $this->get('/shop/climate')->assertOk()->assertSee('By day, °F')->assertSee('value="69.8"', false);
        $this->get('/shop/safety')
            ->assertOk()
            ->assertSeeText('Least wall, in')
            ->assertSeeText('Rim speed for sanding, ft/s');
        $this->put(
            '/shop',
            $this->shopForm(
                ['day_c' => '68', 'night_c' => '50', 'min_wall_mm' => '0.125', 'sanding_cap_m_s' => '13.12'],
            ),
        )->assertSessionHasNoErrors();
        $shop = $this->shop->refresh();
        self::assertEqualsWithDelta(20.0, $shop->climate->dayC, 1e-9);
        self::assertEqualsWithDelta(10.0, $shop->climate->nightC, 1e-9);
        self::assertEqualsWithDelta(3.175, $shop->min_wall_mm, 1e-9);
        self::assertEqualsWithDelta(4.0, $shop->sanding_cap_m_s, 0.01);
        $this->put('/shop', $this->shopForm(['day_c' => '120']))->assertSessionHasErrors(
            ['day_c' => 'Temperature by day is “120”; it takes a number from 14 to 113.'],
        );
    }

    public function test_a_tin_is_typed_in_square_feet_and_ounces(): void
    {
        $this->prefer(['units' => 'imperial']);
        $this->get('/shelf/tin?product=Hard-wax%20oil')->assertOk()->assertSee('Covers, ft²/gal')->assertSee(
            'Not below, °F',
        )->assertSee('Left, fl oz');
        $this->put(
            '/shelf/tin',
            [
                'product' => 'Hard-wax oil',
                'label' => ['coverage_m2_per_l' => '1000', 'min_c' => '59', 'recoat_from_h' => '10'],
                'stock_ml' => '12',
            ],
        )->assertSessionHasNoErrors();
        $tin = $this->shop->tins()->firstOrFail();
        self::assertEqualsWithDelta(24.54, $tin->label->of('coverage_m2_per_l'), 0.01);
        self::assertEqualsWithDelta(15.0, $tin->label->of('min_c'), 1e-9);
        self::assertEqualsWithDelta(10.0, $tin->label->of('recoat_from_h'), 1e-9);
        self::assertEqualsWithDelta(354.9, $tin->stock_ml, 0.1);
        $this->get('/shelf')->assertSee('1,000 ft²/gal')->assertSee('12.00 fl oz');
    }

    public function test_a_piece_is_drawn_marked_and_read_in_inches(): void
    {
        $this->prefer(['units' => 'imperial']);
        $this->post(
            '/pieces',
            [
                'form' => 'platter', 'diameter' => '12', 'height' => '1.25', 'foot' => '5', 'wall' => '0.3',
                'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9', 'name' => 'Sallow platter',
                'purpose' => 'handled',
            ],
        )->assertSessionHasNoErrors();
        $piece = $this->shop->pieces()->firstOrFail();
        self::assertEqualsWithDelta(304.8, $piece->diameter_mm, 0.5);
        $this->post(
            '/pieces',
            [
                'form' => 'platter', 'diameter' => '12', 'height' => '1.25', 'foot' => '15', 'wall' => '0.3',
                'wood' => 'Ash (white)', 'grain' => 'side', 'moisture' => '9', 'name' => 'Wide foot',
                'purpose' => 'handled',
            ],
        )
            ->assertSessionHasErrors(
                ['foot' => 'Foot is 15.00 in; the foot must not be wider than the widest diameter, 12.00 in.'],
            );
        $this->post(
            route('pieces.marks', $piece),
            ['version' => 1, 'technique' => 'burnt-line', 'on' => 'outer', 'from' => '2', 'to' => '2.1'],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(50.8, $this->body($piece)['marks'][0]['from_mm'], 0.01);
        foreach (['shape', 'surface', 'marks', 'coats', 'route', 'card'] as $tab) {
            $html = (string) $this->get("/pieces/{$piece->id}/$tab")->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression(
                '/\d ?(mm|cm²|mL|m\/s)\b/',
                (string) preg_replace('/<details class="why">.*?<\/details>|data-panel="[^"]*"/s', '', $html), $tab,
            );
        }
    }

    public function test_grits_are_named_by_their_own_scale_with_the_nearest_of_the_readers(): void
    {
        $american = $this->show(cami: true);
        self::assertSame('CAMI 220', $american->grit('CAMI 220'));
        self::assertStringStartsWith('P220 (≈ CAMI ', $american->grit('P220'));
        self::assertSame('P220', $this->show()->grit('P220'));
        self::assertStringStartsWith('CAMI 220 (≈ P', $this->show()->grit('CAMI 220'));
    }

    public function test_a_person_in_another_zone_reads_and_types_their_own_time(): void
    {
        $piece = $this->bowl();
        $this->prefer(['own_time_zone' => 'America/Toronto']);
        $this->get('/bench')->assertSee('04:00');
        $this->post(
            route('steps.done', $this->step($piece, 'body/mount')), ['at' => '2026-12-01T03:40'],
        )->assertSessionHasNoErrors();
        self::assertSame('2026-12-01 08:40:00', (string) $piece->logEntries()->firstOrFail()->happened_at);
        $this->post(route('steps.done', $this->step($piece, 'body.outside/sand')), ['at' => '2026-12-01T05:10'])
            ->assertSessionHasErrors(
                ['at' => 'Done at is Tue 1 Dec 05:10, which is still to come; it takes a time up to now.'],
            );
        $this->post(
            route('steps.done', $this->step($piece, 'body.outside/sand')), ['at' => '2026-12-01T03:10'],
        )->assertSessionHasErrors(
            [
                'at' => 'Done at is Tue 1 Dec 03:10, before the step it follows; '
                    .'it takes a time from Tue 1 Dec 03:40 to now.',
            ],
        );
    }

    /** @param  array<string, string>  $preferences */
    private function prefer(array $preferences): void
    {
        $this->put(
            '/preferences', $preferences + ['units' => 'metric', 'grits' => 'P', 'clock' => '24', 'theme' => 'paper'],
        )->assertSessionHasNoErrors();
        $this->wren->refresh()->load('workshop');
    }

    /**
     * @param  array<string, string>  $more
     * @return array<string, mixed>
     */
    private function shopForm(array $more): array
    {
        return $more + [
            'name' => 'Bramble Slip', 'time_zone' => 'UTC', 'hours' => [
                'mon' => '08:00-12:00',
            ], 'closed' => '', 'day_c' => '68', 'night_c' => '60', 'day_rh' => '50', 'night_rh' => '60',
            'day_from' => '8', 'day_to' => '18', 'sanding_cap_m_s' => '16', 'min_wall_mm' => '0.12',
        ];
    }
}
