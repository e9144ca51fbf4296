<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

use HonestGrain\Schedule\Exception\Unplaceable;
use HonestGrain\Schedule\WorkingHours;

/**
 * Working stretches in order, worked out day by day as they are asked for.
 *
 * @internal
 */
final class Calendar
{
    private const DAY = 86_400;

    private const MAX_DAYS = 3700;

    /** Far enough behind all plans, and not so far that the shop's own hours were not worked out any more. */
    private const NO_MORE_DAYS = 3200;

    /** @var list<array{int, int}> */
    private array $stretches = [];

    private \DateTimeImmutable $next;

    private int $days = 0;

    /** @var array<int, self> by the longest break that is worked through, seconds */
    private array $through = [];

    public function __construct(public readonly WorkingHours $hours, private readonly int $start)
    {
        $this->next = (new \DateTimeImmutable("@$start"))->setTimezone($hours->zone)->setTime(0, 0);
    }

    /** The hours of what goes on through the breaks of a day that are no longer than this. */
    public function through(int $seconds): self
    {
        return $seconds <= 0 ? $this
            : $this->through[$seconds] ??= new self($this->hours->through($seconds), $this->start);
    }

    /**
     * The first stretch that ends after a second, by number.
     *
     * @throws Unplaceable when ten years bring no working time
     */
    public function indexAfter(int $second): int
    {
        while ($this->stretches === [] || $this->stretches[count($this->stretches) - 1][1] <= $second) {
            $this->extend();
        }
        $low = 0;
        $high = count($this->stretches) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->stretches[$middle][1] > $second) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** @return array{int, int} */
    public function stretch(int $index): array
    {
        while (! isset($this->stretches[$index])) {
            $this->extend();
        }

        return $this->stretches[$index];
    }

    /** Working time between two seconds. */
    public function openSeconds(int $from, int $to): int
    {
        $open = 0;
        for ($i = $this->indexAfter($from); $this->stretch($i)[0] < $to; $i++) {
            [$opens, $closes] = $this->stretch($i);
            $open += min($to, $closes) - max($from, $opens);
        }

        return $open;
    }

    private function extend(): void
    {
        if (! $this->hours->goesOn() && $this->next->format('Y-m-d') > $this->hours->lastDate()) {
            // Who comes on single dates only comes no more after the last: others are always sooner.
            $from = $this->start + (self::NO_MORE_DAYS + ++$this->days) * self::DAY;
            $this->stretches[] = [$from, $from + self::DAY];

            return;
        }
        if ($this->days++ > self::MAX_DAYS) {
            throw Unplaceable::noHours();
        }
        foreach ($this->hours->stretchesOn($this->next->format('Y-m-d')) as $stretch) {
            $this->stretches[] = $stretch;
        }
        $this->next = $this->next->modify('+1 day');
    }
}
