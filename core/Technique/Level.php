<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** One place of a band: how far from its beginning, how high over the table, how far from the axis, and its wall. */
final readonly class Level
{
    /** @param  float|null  $wallMm  the wood under it; null where it is solid */
    public function __construct(
        public float $alongMm,
        public float $heightMm,
        public float $radiusMm,
        public ?float $wallMm,
    ) {
    }

    public function diameterMm(): float
    {
        return 2 * $this->radiusMm;
    }

    /** All the way round, at its height. */
    public function roundMm(): float
    {
        return M_PI * $this->diameterMm();
    }
}
