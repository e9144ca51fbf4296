<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How much of what a search may spend is spent: by the clock, or by tasks placed, which is the same on every machine.
 *
 * @internal
 */
final readonly class Effort
{
    private int $began;

    private int $lasts;

    /** @param  int|null  $looks  tasks placed, whatever the clock says; null: the clock */
    public function __construct(private Decoder $decoder, int $began, int $budgetMs, private ?int $looks)
    {
        $this->began = $began;
        $this->lasts = max(1, $budgetMs * 1_000_000);
    }

    /** Into how many parts of so many looks it goes, at the least one; by the clock one takes about a microsecond. */
    public function parts(int $looks): int
    {
        return max(1, intdiv($this->looks ?? intdiv($this->lasts, 1000), $looks));
    }

    /** From 0 on; 1 is all of it. */
    public function spent(): float
    {
        return $this->looks === null ? (hrtime(true) - $this->began) / $this->lasts
            : $this->decoder->looks / max(1, $this->looks);
    }

    public function isOver(): bool
    {
        return $this->spent() >= 1.0;
    }
}
