<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What work at the bench takes apart from the work itself. Units are in the names; sources in the table. */
final readonly class BenchFigures
{
    private function __construct(public float $splitAboveMinutes)
    {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(splitAboveMinutes: $value('bench_split_above_minutes'));
    }
}
