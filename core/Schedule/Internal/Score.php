<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How good a plan is: broken windows, then weighted lateness in hours, then changes of batch, then the finish.
 *
 * @internal
 */
final readonly class Score
{
    private const SAME_HOURS = 1e-6;

    public function __construct(public int $broken, public float $lateHours, public int $setups, public int $finish)
    {
    }

    public function isBetterThan(self $other): bool
    {
        return match (true) {
            $this->broken !== $other->broken => $this->broken < $other->broken,
            abs($this->lateHours - $other->lateHours) > self::SAME_HOURS => $this->lateHours < $other->lateHours,
            default => [$this->setups, $this->finish] < [$other->setups, $other->finish],
        };
    }

    /** Whether it is better than a plan that has so many broken windows and so much lateness already. */
    public function beats(int $broken, float $lateHours): bool
    {
        return $broken > $this->broken
            || ($broken === $this->broken && $lateHours > $this->lateHours + self::SAME_HOURS);
    }
}
