<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** What a task goes on holding once it has ended: until another of the piece's tasks starts, or for a wait. */
final readonly class Hold
{
    private function __construct(
        public string $resource,
        public int $quantity,
        public ?string $until,
        public ?Wait $for,
    ) {
    }

    /** @param  string  $task  of the same piece, later than the one that holds */
    public static function until(string $task, string $resource, int $quantity = 1): self
    {
        return new self($resource, $quantity, $task, null);
    }

    public static function for(Wait $wait, string $resource, int $quantity = 1): self
    {
        return new self($resource, $quantity, null, $wait);
    }
}
