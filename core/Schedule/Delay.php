<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/**
 * What a task waited for before it could start: after which task, how long for the coat, and how long for hours or
 * hands.
 */
final readonly class Delay
{
    public function __construct(
        public ?string $after,
        public int $waitSeconds,
        public int $idleSeconds,
        public ?string $busyWith,
    ) {
    }
}
