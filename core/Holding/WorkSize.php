<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** How large work is at a stage, mm, and how heavy; null where nobody knows how heavy its wood is. */
final readonly class WorkSize
{
    public function __construct(public float $diameterMm, public float $heightMm, public ?float $massG)
    {
    }

    public function kg(): float
    {
        return ($this->massG ?? 0.0) / 1000;
    }
}
