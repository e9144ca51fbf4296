<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Event\TestRunner\ExecutionFinished;
use PHPUnit\Event\TestRunner\ExecutionFinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/** Which test classes reach which methods, and how long each takes: an extension of the test runner. */
final class Hits implements Extension
{
    private static string $test = '';

    /** @var array<string, array<string, true>> method => test classes */
    private static array $of = [];

    /** @var array<string, float> seconds by test class */
    private static array $seconds = [];

    private static float $since = 0.0;

    public static function at(string $method): void
    {
        self::$of[$method][self::$test] = true;
    }

    public static function begin(string $test): void
    {
        $now = microtime(true);
        if (self::$test !== '') {
            self::$seconds[self::$test] = (self::$seconds[self::$test] ?? 0.0) + $now - self::$since;
        }
        [self::$test, self::$since] = [$test, $now];
    }

    public static function write(): void
    {
        self::begin('');
        file_put_contents((string) getenv('MUTATION_HITS'), json_encode([
            'of' => array_map(array_keys(...), self::$of), 'seconds' => self::$seconds,
        ], JSON_THROW_ON_ERROR));
    }

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $facade->registerSubscribers(new class implements PreparationStartedSubscriber
        {
            public function notify(PreparationStarted $event): void
            {
                $test = $event->test();
                Hits::begin($test->isTestMethod() ? $test->className() : '');
            }
        }, new class implements ExecutionFinishedSubscriber
        {
            public function notify(ExecutionFinished $event): void
            {
                Hits::write();
            }
        });
    }
}
