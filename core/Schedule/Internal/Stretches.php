<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * Working stretches as rows of seconds, found by time without searching: what a decoder asks thousands of times.
 *
 * @internal
 */
final class Stretches
{
    /** 8,192 s: no more than a few stretches begin in one. */
    private const SLOT_BITS = 13;

    /** @var list<int> second (UTC) at which each opens */
    public array $opens = [];

    /** @var list<int> second (UTC) at which each closes */
    public array $closes = [];

    /** @var list<int> the day that each belongs to, by number */
    public array $day = [];

    /** @var list<int> slot => the first stretch that closes after its beginning */
    private array $slots = [];

    /** @param  self|null  $days  the days, breaks and all; each stretch is its own day where not given */
    public function __construct(
        private readonly Calendar $calendar,
        private readonly int $start,
        private readonly ?self $days = null,
    ) {
        $this->reach(0);
    }

    /** The first stretch that closes after a second, by number; its times stand in the rows. */
    public function indexAfter(int $second): int
    {
        $slot = ($second - $this->start) >> self::SLOT_BITS;
        $k = $this->slots[$slot] ?? $this->slot(max(0, $slot));
        while (($this->closes[$k] ?? $this->reach($k)) <= $second) {
            $k++;
        }

        return $k;
    }

    /** The longest stretch of a usual week, seconds. */
    public function longest(): int
    {
        return $this->calendar->hours->longestStretchSeconds();
    }

    /** Whether both are of the same days. */
    public function isOf(self $other): bool
    {
        return $this->days === $other->days;
    }

    /** Works the rows out up to a stretch and says when it closes. */
    public function reach(int $index): int
    {
        while (! isset($this->closes[$index])) {
            $k = count($this->closes);
            [$opens, $closes] = $this->calendar->stretch($k);
            $day = $this->days?->indexAfter($opens) ?? $k;
            $this->opens[] = $opens;
            $this->closes[] = $closes;
            $this->day[] = $day;
        }

        return $this->closes[$index];
    }

    private function slot(int $slot): int
    {
        while (! isset($this->slots[$slot])) {
            $from = $this->start + (count($this->slots) << self::SLOT_BITS);
            $k = $this->slots === [] ? 0 : $this->slots[count($this->slots) - 1];
            while (($this->closes[$k] ?? $this->reach($k)) <= $from) {
                $k++;
            }
            $this->slots[] = $k;
        }

        return $this->slots[$slot];
    }
}
