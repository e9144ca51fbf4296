<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Air;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** A sensor of the maker's own, by its key. */
final class SensorTest extends FeatureTestCase
{
    public function test_a_sensor_says_what_the_air_is_by_its_key(): void
    {
        $air = $this->air();
        $key = $this->key($air);
        self::assertSame(40, strlen($key));
        self::assertStringNotContainsString($key, (string) json_encode(DB::table('airs')->get()));
        $this->get("/shop/climate?air=$air->id")->assertSee($key);
        $this->get("/shop/climate?air=$air->id")->assertDontSee($key);
        self::assertSame(Air::hashed($key), $air->refresh()->sensor_key);
        $this->say($key, ['temp_c' => 12.5, 'rh_percent' => 71])->assertCreated()
            ->assertExactJson(['kept' => 1, 'not_used' => []]);
        $row = DB::table('air_readings')->where('air_id', $air->id)->sole();
        self::assertSame(
            ['12.50', '71.00', '2026-12-01 09:00:00', 'sensor', null],
            [sprintf('%.2f', $row->temp_c), sprintf('%.2f', $row->rh_percent), $row->at, $row->source, $row->nonsense],
        );
        $this->get("/shop/climate?air=$air->id")->assertSee('12.5 °C')->assertSee('71 %');
    }

    public function test_what_a_sensor_missed_comes_at_once_and_what_cannot_be_true_is_not_used(): void
    {
        $key = $this->key($this->air());
        $answer = $this->say($key, ['readings' => [
            ['temp_c' => 18, 'rh_percent' => 55, 'at' => '2026-12-01T08:00:00Z'],
            ['temp_c' => 17, 'rh_percent' => 56, 'at' => '2026-12-01T07:00:00Z'],
            ['temp_c' => 85, 'rh_percent' => 140, 'at' => '2026-12-01T08:30:00Z'],
            ['temp_c' => 18, 'rh_percent' => 55, 'at' => '2026-12-01T10:00:00Z'],
        ]])->assertCreated()->assertJson(['kept' => 2]);
        self::assertSame(['2026-12-01T08:30:00Z', '2026-12-01T10:00:00Z'], $answer->json('not_used.*.at'));
        self::assertSame(2, DB::table('air_readings')->whereNull('nonsense')->count());
    }

    public function test_dates_follow_a_sensor_and_not_each_of_its_words(): void
    {
        $piece = $this->bowl();
        $key = $this->key($this->air());
        $version = $this->shop->refresh()->version;
        $this->say($key, ['temp_c' => 12, 'rh_percent' => 70]);
        self::assertSame($version + 1, $this->shop->refresh()->version);
        Carbon::setTestNow('2026-12-01 09:05:00');
        $this->say($key, ['temp_c' => 12, 'rh_percent' => 70]);
        self::assertSame($version + 1, $this->shop->refresh()->version);
        Carbon::setTestNow('2026-12-01 09:20:00');
        $this->say($key, ['temp_c' => 12, 'rh_percent' => 70]);
        self::assertSame($version + 2, $this->shop->refresh()->version);
        self::assertNotNull($piece->refresh()->ready_at);
    }

    public function test_without_its_key_nothing_is_said(): void
    {
        $air = $this->air();
        $reading = ['temp_c' => 18, 'rh_percent' => 55];
        $this->postJson('/air', $reading)->assertUnauthorized();
        $key = $this->key($air);
        $this->say('x'.$key, $reading)->assertUnauthorized();
        $second = $this->key($air);
        $this->say($key, $reading)->assertUnauthorized();
        $this->say($second, $reading)->assertCreated();
        $this->delete(route('climate.sensor', $air));
        $this->say($second, $reading)->assertUnauthorized();
        $this->wren->update(['role' => Role::Maker]);
        $this->post(route('climate.sensor', $air))->assertForbidden();
    }

    public function test_a_word_that_is_none_is_refused_by_its_field(): void
    {
        $key = $this->key($this->air());
        $this->say($key, ['rh_percent' => 55])->assertUnprocessable()->assertJsonValidationErrors('readings.0.temp_c');
        $this->say($key, ['temp_c' => 'warm', 'rh_percent' => 55])->assertJsonValidationErrors('readings.0.temp_c');
        $this->say($key, ['readings' => 'none'])->assertJsonValidationErrors('readings');
        $this->say($key, ['readings' => array_fill(0, 501, ['temp_c' => 1, 'rh_percent' => 1])])
            ->assertJsonValidationErrors('readings');
        $this->withHeader('Authorization', "Bearer $key")->post('/air', ['temp_c' => "\xff\xfe", 'rh_percent' => '5'])
            ->assertUnprocessable();
        self::assertSame(0, DB::table('air_readings')->count());
    }

    private function air(): Air
    {
        $this->get('/shop/climate');

        return $this->shop->airs()->firstOrFail();
    }

    private function key(Air $air): string
    {
        $this->post(route('climate.sensor', $air))->assertSessionHas('sensorKey');

        return (string) session('sensorKey');
    }

    /** @param  array<string, mixed>  $words */
    private function say(string $key, array $words): TestResponse
    {
        return $this->withHeader('Authorization', "Bearer $key")->postJson('/air', $words);
    }
}
