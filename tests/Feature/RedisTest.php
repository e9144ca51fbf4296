<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\RecordsGone;
use App\Watch\Doctor;
use App\Watch\Finding;
use Illuminate\Support\Facades\Route;
use Predis\Response\ServerException;

/** Sessions, cache and queue in Redis, where nobody listens. With one that does: tests/cluster. */
final class RedisTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // The first port is nobody's.
        config(['database.redis.default.port' => 1]);
        $this->app->forgetInstance('redis');
    }

    public function test_a_redis_that_is_gone_gets_a_page_that_says_when_to_come_back(): void
    {
        Route::get('gone', fn () => cache()->store('redis')->get('one'));
        $this->get('/gone')->assertStatus(503)->assertHeader('Retry-After', '5')->assertSee('do not answer')
            ->assertDontSee('Connection refused');
        self::assertTrue(RecordsGone::caused(new ServerException('LOADING Redis is loading the dataset in memory')));
        self::assertFalse(RecordsGone::caused(new ServerException('ERR unknown command')), 'that is our fault');
    }

    public function test_a_server_without_its_redis_takes_no_work(): void
    {
        $this->getJson('/ready')->assertOk()->assertJsonMissingPath('redis');
        config(['queue.default' => 'redis']);
        $this->getJson('/ready')->assertStatus(503)->assertJson(['ready' => false, 'redis' => false]);
    }

    public function test_the_doctor_says_so_and_goes_on(): void
    {
        $said = fn (): array => array_column(array_map(
            fn (Finding $one): array => [$one->of, $one->isWell], app(Doctor::class)->look(),
        ), 1, 0);
        self::assertArrayNotHasKey('redis', $said());
        config(['cache.default' => 'redis']);
        self::assertFalse($said()['redis']);
        self::assertArrayHasKey('mail-log', $said());
    }
}
