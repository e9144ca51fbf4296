<?php

declare(strict_types=1);

namespace HonestGrain\Mending;

/** What the log says of a piece beside what was done: what was skipped, when each step was done, and in how long. */
final readonly class Logged
{
    /**
     * @param  list<string>  $skipped  steps
     * @param  array<string, int>  $at  step => second (UTC)
     * @param  array<string, float>  $minutes  step => as its maker took
     */
    public function __construct(public array $skipped = [], public array $at = [], public array $minutes = [])
    {
    }

    /** Hours between two steps; null where one of them has no time. */
    public function hoursBetween(string $first, string $later): ?float
    {
        return isset($this->at[$first], $this->at[$later]) ? ($this->at[$later] - $this->at[$first]) / 3600 : null;
    }
}
