<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Air;
use App\Models\Kept\UsualAir;
use App\Planning\Airs;
use HonestGrain\Coating\AirReading;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What is read of an air, what is not believed, and what it does to dates. */
final class ClimateTest extends FeatureTestCase
{
    public function test_a_cold_week_moves_a_varnish_and_warming_the_shop_brings_it_back(): void
    {
        $piece = $this->bowl();
        $ready = $piece->refresh()->ready_at;
        $air = $this->air();
        $this->hours($air, 11.0, 75.0, 24 * 7);
        $this->post(route('climate.readings', $air), ['temp' => '11', 'rh' => '75'])->assertSessionHasNoErrors();
        $cold = $piece->refresh()->ready_at;
        self::assertTrue($cold?->gt($ready?->addHours(12)));
        $this->put(
            route('climate.warm', $air), ['warm_to' => '21', 'until' => '2026-12-20'],
        )->assertSessionHasNoErrors();
        self::assertTrue($piece->refresh()->ready_at?->lt($cold));
        $this->get(route('climate'))->assertSee('Warmed to')->assertSee('11 °C');
        $this->delete(route('climate.warm', $air));
        self::assertEquals($cold, $piece->refresh()->ready_at);
    }

    public function test_a_reading_colder_than_planned_is_told_at_the_bench_with_what_waits_there(): void
    {
        $air = $this->air();
        $piece = $this->bowl();
        $cold = fn (string $temp) => $this->post(route('climate.readings', $air), ['temp' => $temp, 'rh' => '55']);
        $told = 'that waits there takes up to';
        $cold('11');
        $this->get('/bench')->assertDontSee($told);
        $this->work($piece, 'body/mount', 'body.outside/sand', 'body.rim/sand', 'body.inside/sand');
        $this->work($piece, 'body/wipe-clean', 'l1', 'l1/wipe-off');
        // Ten kelvin: what hardens with oxygen takes twice as long.
        $this->get('/bench')->assertSeeInOrder(['11 °C, planned', '21 °C'])->assertSee("1 coat $told 2 times as long");
        Carbon::setTestNow('2026-12-01 10:05:00');
        $cold('19');
        $this->get('/bench')->assertDontSee($told);
        // It was to be warmed, and is not.
        $this->put(route('climate.warm', $air), ['warm_to' => '24', 'until' => '2026-12-20']);
        $this->actingAs($this->wren->fresh() ?? $this->wren);
        $this->get('/bench')->assertSeeInOrder(['19 °C, planned', '24 °C']);
        Carbon::setTestNow('2026-12-01 14:05:00');
        $this->get('/bench')->assertDontSee($told);
    }

    public function test_a_file_of_a_logger_comes_in_whole_or_not_at_all(): void
    {
        $air = $this->air();
        $rows = fn (string $text) => $this->post(route('climate.import', $air), ['rows' => $text]);
        $count = fn (): int => DB::table('air_readings')->count();
        $rows("time;temp;rh\n2026-11-30 14:00;17,5;58\n2026-11-30 15:00;warm;58")->assertSessionHasErrors([
            'rows' => 'Row 3: the temperature is "warm"; it takes a number.',
        ]);
        $rows('2026-11-30 14:00, 17.5')->assertSessionHasErrors('rows');
        $rows('2027-11-30 14:00, 17.5, 58')->assertSessionHasErrors('rows');
        $rows('a')->assertSessionHasErrors('rows');
        $rows("2026-11-30 14:00;warm;58\n2026-11-30 15:00;17;58")->assertSessionHasErrors([
            'rows' => 'Row 1: the temperature is "warm"; it takes a number.',
        ]);
        self::assertSame(0, $count());
        $rows("time;temp;rh\n2026-11-30 15:00;17,5;58\n2026-11-30 14:00;17;59\n2026-11-30 16:00;85;58")
            ->assertSessionHas('said', '3 readings came in; 1 cannot be true and is not used.');
        self::assertSame([17.0, 17.5], array_column(app(Airs::class)->readings($air, 2), 'tempC'));
        // The same again is the same.
        $file = UploadedFile::fake()->createWithContent('log.csv', '2026-11-30 14:00,17,59');
        $this->post(route('climate.import', $air), ['file' => $file])->assertSessionHasNoErrors();
        self::assertSame(3, $count());
        $this->get(route('climate'))->assertSee('file');
    }

    public function test_nonsense_is_kept_as_such_and_never_used(): void
    {
        $air = $this->air();
        $this->post(route('climate.readings', $air), ['temp' => '18', 'rh' => '55', 'at' => '2026-12-01T08:00']);
        $this->post(route('climate.readings', $air), ['temp' => '85', 'rh' => '55'])
            ->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'kept as nonsense and not used'));
        self::assertSame(['range'], DB::table('air_readings')->whereNotNull('nonsense')->pluck('nonsense')->all());
        self::assertSame([18.0], array_column(app(Airs::class)->readings($air, 2), 'tempC'));
        $this->get(route('climate'))->assertSee('Not possible in a shop. Not used.');
        $this->post(route('climate.readings', $air), ['temp' => 'warm', 'rh' => '55'])->assertSessionHasErrors('temp');
        $this->post(route('climate.readings', $air), ['temp' => '18', 'rh' => '55', 'at' => '2027-01-01T08:00'])
            ->assertSessionHasErrors('at');
    }

    public function test_what_wood_settles_at_follows_each_reading_and_each_setting_and_is_looked_over_hourly(): void
    {
        $air = $this->air();
        $settled = fn (): float => app(Airs::class)->settled($this->shop->refresh());
        self::assertSame(app(Airs::class)->equilibriumPercent($this->shop->refresh()), $usual = $settled());
        $this->shop->climate = new UsualAir(...[...get_object_vars($this->shop->climate), 'dayRh' => 30.0]);
        $this->shop->save();
        self::assertLessThan($usual, $dry = $settled());
        $this->hours($air, 18.0, 85.0, 24);
        self::assertGreaterThan($dry, $damp = $settled());
        DB::table('air_readings')->delete();
        self::assertSame($damp, $settled(), 'within the hour, and without a word to it');
        $this->travel(61)->minutes();
        self::assertEqualsWithDelta($dry, $settled(), 1e-9);
    }

    public function test_a_station_that_says_nothing_or_nonsense_changes_no_date(): void
    {
        $air = $this->air();
        $this->post(route('climate.read', $air))->assertSessionHasErrors('station');
        foreach (['silent' => 0, 'nonsense' => 0, 'works' => 1, 'drifting' => 1] as $set => $sound) {
            DB::table('air_readings')->delete();
            $this->put(route('climate.station', $air), ['station' => $set])->assertSessionHasNoErrors();
            $this->post(route('climate.read', $air));
            self::assertCount($sound, app(Airs::class)->readings($air, 2), $set);
        }
        $this->put(route('climate.station', $air), ['station' => 'possessed'])->assertSessionHasErrors('station');
    }

    public function test_the_hourly_command_reads_every_station(): void
    {
        $air = $this->air();
        $this->artisan('climate:read')->expectsOutput('0 airs were read.');
        $air->update(['station' => 'works']);
        $this->artisan('climate:read')->expectsOutput('1 airs were read.');
        self::assertCount(1, app(Airs::class)->readings($air, 1));
    }

    public function test_coats_that_dry_apart_follow_the_air_of_the_cupboard(): void
    {
        $piece = $this->bowl();
        $ready = $piece->refresh()->ready_at;
        $this->post(
            route('climate.store'), ['kind' => 'cupboard', 'air_name' => 'Cupboard', 'temp' => '30', 'rh' => '40'],
        )
            ->assertSessionHasNoErrors();
        self::assertEquals($ready, $piece->refresh()->ready_at, 'it stands there, and nothing dries in it yet');
        $this->shop->refresh()->update(['dries_apart' => true]);
        $this->post(route('climate.readings', $this->shop->airs()->firstOrFail()), ['temp' => '30', 'rh' => '40']);
        self::assertTrue($piece->refresh()->ready_at?->lt($ready));
        $this->post(
            route('climate.store'), ['kind' => 'cellar', 'air_name' => 'Cupboard', 'temp' => '11', 'rh' => '80'],
        )
            ->assertSessionHasErrors('air_name');
    }

    public function test_a_piece_in_another_air_waits_by_that_air_and_its_steps_say_so(): void
    {
        $piece = $this->bowl();
        $other = $this->bowl(['name' => 'Other bowl']);
        [$ready, $others] = [$piece->refresh()->ready_at, $other->refresh()->ready_at];
        $this->get(route('pieces.coats', $piece))->assertDontSee('Its coats dry in');
        $this->post(
            route('climate.store'), ['kind' => 'cellar', 'air_name' => 'Cellar', 'temp' => '11', 'rh' => '50'],
        );
        $cellar = $this->shop->airs()->where('kind', 'cellar')->firstOrFail();
        $this->get(route('pieces.coats', $piece))->assertSee('Its coats dry in');
        $this->put(route('pieces.air', $piece), ['air' => '999'])->assertSessionHasErrors('air');
        $this->put(route('pieces.air', $piece), ['air' => (string) $cellar->id])->assertSessionHasNoErrors();
        $cold = $piece->refresh()->ready_at;
        self::assertTrue($cold?->gt($ready?->addHours(6)));
        self::assertEqualsWithDelta(
            $others?->getTimestamp(), $other->refresh()->ready_at?->getTimestamp(), 3600,
            'the others dry where they did',
        );
        $this->get(route('pieces.route', $piece))->assertSee('In the air of cellar');
        $this->put(route('pieces.air', $piece), ['air' => ''])->assertSessionHasNoErrors();
        self::assertTrue($piece->refresh()->ready_at?->lt($cold));
        // Where its air is taken away, it dries in the shop again.
        $this->put(route('pieces.air', $piece), ['air' => (string) $cellar->id]);
        self::assertTrue($piece->refresh()->ready_at?->gte($cold->subHour()));
        $this->delete(route('climate.destroy', $cellar));
        self::assertTrue($piece->refresh()->ready_at?->lt($cold));
    }

    public function test_a_blank_dries_by_the_air_it_stands_in(): void
    {
        $this->post(route('climate.store'), ['kind' => 'cellar', 'air_name' => 'Cellar', 'temp' => '11', 'rh' => '88']);
        $cellar = $this->shop->airs()->firstOrFail();
        $this->post(route('rack.store'), [
            'form' => 'round', 'wood' => 'Ash (white)', 'diameter_mm' => '250', 'length_mm' => '80', 'pith' => 'out',
            'keeping' => 'waxed', 'air' => (string) $cellar->id,
        ])->assertSessionHasNoErrors();
        $blank = $this->shop->blanks()->firstOrFail();
        foreach ([
            '2026-09-01T10:00' => '3000', '2026-10-01T10:00' => '2700', '2026-11-01T10:00' => '2500',
        ] as $at => $g) {
            $this->post(route('rack.weigh'), ['number' => '1', 'mass' => $g, 'at' => $at]);
        }
        $this->get(route('rack.show', $blank))->assertSee('too damp to finish');
        $this->delete(route('climate.destroy', $cellar))->assertSessionHasNoErrors();
        $this->get(route('rack.show', $blank->refresh()))->assertDontSee('too damp to finish');
    }

    public function test_airs_and_stations_are_the_owners_and_anybody_reads(): void
    {
        $air = $this->air();
        $this->wren->update(['role' => 'maker']);
        $this->put(route('climate.station', $air), ['station' => 'works'])->assertForbidden();
        $this->post(route('climate.store'), [])->assertForbidden();
        $this->delete(route('climate.destroy', $air))->assertForbidden();
        $this->put(route('instruments.update', 'scale'), ['fault' => 'silent'])->assertForbidden();
        $this->post(route('climate.readings', $air), ['temp' => '18', 'rh' => '55'])->assertSessionHasNoErrors();
        $this->get(route('climate'))->assertOk()->assertDontSee('Another air');
    }

    public function test_the_air_of_another_shop_is_not_there(): void
    {
        $theirs = $this->makeShop('Other slip', 'other@example.test')->airs()->create(
            ['kind' => 'shop', 'name' => 'Shop'],
        );
        $this->post(route('climate.readings', $theirs), ['temp' => '18', 'rh' => '55'])->assertNotFound();
        $this->put(route('climate.warm', $theirs), ['warm_to' => '21', 'until' => '2026-12-20'])->assertNotFound();
        $this->delete(route('climate.destroy', $theirs))->assertNotFound();
        $this->get(route('climate', ['air' => $theirs->id]))->assertOk()->assertDontSee("/shop/climate/$theirs->id/");
    }

    private function air(): Air
    {
        $this->get(route('climate'))->assertOk()->assertSee('None yet. Until then the setting stands.');

        return $this->shop->airs()->firstOrFail();
    }

    private function hours(Air $air, float $tempC, float $rh, int $count): void
    {
        for ($i = $count; $i > 0; $i--) {
            $at = now()->subHours($i);
            app(Airs::class)->record($air, new AirReading(
                (int) $at->getTimestamp(), $tempC + ($i % 2) / 10, $rh,
            ), 'station');
        }
    }
}
