<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** The marks of a tip that chatters. Physics: 60·f/n to a turn, at equal distances round the circle. */
final readonly class Chatter
{
    public function __construct(public float $frequencyHz, public float $rpm)
    {
    }

    public function marksPerTurn(): float
    {
        return 60 * $this->frequencyHz / $this->rpm;
    }

    public function spacingMm(float $radiusMm): float
    {
        return 2 * M_PI * $radiusMm / $this->marksPerTurn();
    }
}
