<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Watch\Beat;
use App\Watch\DatabaseProbe;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use PDOException;

/** What asks whether this server lives, can take work, and how it goes. */
final class WatchTest extends FeatureTestCase
{
    public function test_it_lives_without_asking_the_database(): void
    {
        $asked = 0;
        $this->app['db']->connection()->beforeExecuting(function () use (&$asked): void {
            $asked++;
        });
        $this->get('/health')->assertOk()->assertExactJson(['alive' => true])->assertCookieMissing('XSRF-TOKEN');
        self::assertSame(0, $asked);
    }

    public function test_it_takes_work_while_its_database_does(): void
    {
        $this->get('/ready')->assertOk()->assertJson(['ready' => true, 'database' => true, 'disk' => true]);
        $this->answering(fn () => throw new PDOException('SQLSTATE[HY000] [2002] Connection refused'));
        $this->get('/ready')->assertStatus(503)->assertJson(['ready' => false, 'database' => false]);
    }

    public function test_one_of_several_databases_without_the_others_takes_none(): void
    {
        $this->answering(fn (): int => 1, ['on' => 'ON', 'ready' => 'OFF']);
        $this->get('/ready')->assertStatus(503)->assertJson(['database' => false]);
        $this->answering(fn (): int => 1, ['on' => 'ON', 'ready' => 'ON']);
        $this->get('/ready')->assertOk();
        $this->answering(fn (): int => 1, ['on' => 'OFF', 'ready' => 'OFF']);
        $this->get('/ready')->assertOk();
    }

    public function test_figures_are_for_whoever_has_the_token(): void
    {
        $this->get('/metrics')->assertNotFound();
        config(['app.metrics_token' => 'a-token-of-some-length']);
        $this->get('/metrics')->assertUnauthorized();
        $this->withToken('another')->get('/metrics')->assertUnauthorized();
        $this->bowl();
        Beat::Schedule->leave(cache()->store());
        $text = (string) $this->withToken('a-token-of-some-length')->get('/metrics')->assertOk()
            ->assertHeader('Content-Type', 'text/plain; version=0.0.4; charset=utf-8')->getContent();
        foreach (explode("\n", trim($text)) as $line) {
            self::assertMatchesRegularExpression(
                '/^(# TYPE [a-z_]+ (gauge|counter)|[a-z_]+(\{[a-z]+="[^"]*"\})? (\d+|NaN))$/', $line,
            );
        }
        foreach (['database_up 1', 'workshops 1', 'people 1', 'pieces{state="working"} 1', 'jobs_failed 0'] as $line) {
            self::assertStringContainsString("honest_grain_$line\n", $text);
        }
        self::assertMatchesRegularExpression('/beat_seconds\{of="schedule"\} [0-3]\n/', $text);
        self::assertStringContainsString('beat_seconds{of="worker"} NaN', $text);
    }

    public function test_figures_come_without_a_database_too(): void
    {
        config(['app.metrics_token' => 'a-token-of-some-length']);
        $this->answering(fn () => throw new PDOException('SQLSTATE[HY000] [2002] Connection refused'));
        $text = (string) $this->withToken('a-token-of-some-length')->get('/metrics')->assertOk()->getContent();
        self::assertStringContainsString('honest_grain_database_up 0', $text);
        self::assertStringNotContainsString('workshops', $text);
    }

    /** @param  array<string, string>  $several  what it says of itself as one of several */
    private function answering(\Closure $scalar, array $several = []): void
    {
        $connection = self::createStub(ConnectionInterface::class);
        $connection->method('scalar')->willReturnCallback($scalar);
        $connection->method('table')->willReturnCallback(function (string $of) use ($several): Builder {
            $rows = self::createStub(Builder::class);
            $rows->method('where')->willReturnSelf();
            $rows->method('value')->willReturn($several[str_contains($of, 'status') ? 'ready' : 'on'] ?? null);

            return $rows;
        });
        $this->app->instance(DatabaseProbe::class, new DatabaseProbe($connection));
    }
}
