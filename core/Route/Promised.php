<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** A piece as it is promised: by when, and how much its lateness would weigh. */
final readonly class Promised
{
    /**
     * @param  int|null  $due  second (UTC)
     * @param  string|null  $behind  the piece that is taken up first wherever both could be
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?int $due = null,
        public float $weight = 1.0,
        public ?string $behind = null,
    ) {
    }
}
