<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Redis\Factory;
use Throwable;

/** Whether Redis takes questions now, where sessions, the cache or the queue are kept in it. */
final readonly class RedisProbe
{
    private const SETTINGS = ['session.driver', 'cache.default', 'queue.default'];

    public function __construct(private Factory $redis, private Repository $settings)
    {
    }

    public function isUsed(): bool
    {
        return in_array('redis', array_map($this->settings->get(...), self::SETTINGS), true);
    }

    /** One that is still reading what it kept refuses this too. */
    public function answers(): bool
    {
        try {
            return (string) $this->redis->connection()->command('ping') === 'PONG';
        } catch (Throwable) {
            return false;
        }
    }
}
