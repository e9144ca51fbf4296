<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What of a route is behind its maker. */
final readonly class Behind
{
    /**
     * @param  array<string, int>  $doneAt  step => second (UTC)
     * @param  array<string, true>  $skipped  steps that will not be done
     * @param  int|null  $dryAt  second (UTC) at which its wood is ready, where it dries; where nobody knows, only what
     *     comes before that is taken, and it is due no more than it has a date
     * @param  array<string, int>  $later  step => seconds by which waits behind it begin later: it was done too early
     */
    public function __construct(
        public array $doneAt = [],
        public array $skipped = [],
        public ?int $dryAt = null,
        private array $later = [],
    ) {
    }

    /** From when on a wait behind a step that is done runs, second (UTC). */
    public function waitsFrom(string $step): int
    {
        return ($this->doneAt[$step] ?? 0) + ($this->later[$step] ?? 0);
    }

    public function has(string $step): bool
    {
        return isset($this->doneAt[$step]) || isset($this->skipped[$step]);
    }
}
