<?php

declare(strict_types=1);

namespace HonestGrain\Schedule\Internal;

/**
 * How much of one resource is taken when, in buckets of a day.
 *
 * @internal
 */
final class Usage
{
    private const BUCKET = 86_400;

    /** @var array<int, array<int, array{int, int, int, string}>> bucket => booking => start, end, quantity, piece */
    private array $buckets = [];

    private int $bookings = 0;

    /**
     * @var array<int, array<int, array{int, string|null}>> bucket => opening second of a working stretch => longest
     *     free time, and who is in it
     */
    private array $gaps = [];

    public function __construct(private readonly int $capacity)
    {
    }

    public function book(int $start, int $end, int $quantity, string $piece): int
    {
        $id = ++$this->bookings;
        for ($b = intdiv($start, self::BUCKET); $b * self::BUCKET < $end; $b++) {
            $this->buckets[$b][$id] = [$start, $end, $quantity, $piece];
        }
        $this->forget($start, $end);

        return $id;
    }

    public function release(int $id, int $start, int $end): void
    {
        for ($b = intdiv($start, self::BUCKET); $b * self::BUCKET < $end; $b++) {
            unset($this->buckets[$b][$id]);
        }
        $this->forget($start, $end);
    }

    /**
     * No more than this is free at once in a working stretch, seconds (exact where there is one of the resource), and a
     * piece that takes of it there.
     *
     * @return array{int, string|null}
     */
    public function longestGap(int $opens, int $closes): array
    {
        if ($this->capacity > 1) {
            return [$closes - $opens, null];
        }

        return $this->gaps[intdiv($opens, self::BUCKET)][$opens] ??= $this->gapIn($opens, $closes);
    }

    /** @return array{int, string|null} */
    private function gapIn(int $opens, int $closes): array
    {
        $taken = [];
        $who = null;
        for ($b = intdiv($opens, self::BUCKET); $b * self::BUCKET < $closes; $b++) {
            foreach ($this->buckets[$b] ?? [] as [$start, $end, , $piece]) {
                if ($start < $closes && $end > $opens) {
                    $taken[$start] = max($taken[$start] ?? 0, $end);
                    $who ??= $piece;
                }
            }
        }
        ksort($taken);
        $longest = 0;
        $free = $opens;
        foreach ($taken as $start => $end) {
            $longest = max($longest, $start - $free);
            $free = max($free, $end);
        }

        return [max($longest, $closes - $free), $who];
    }

    /** What was known of the stretches that may hold a booking is known no more; no stretch is longer than a day. */
    private function forget(int $start, int $end): void
    {
        for ($b = intdiv($start, self::BUCKET) - 1; $b * self::BUCKET < $end; $b++) {
            unset($this->gaps[$b]);
        }
    }

    /**
     * When the first clash of a wanted stretch is over, and with whom it is; null when it fits.
     *
     * @return array{int, string}|null
     */
    public function clash(int $start, int $end, int $quantity): ?array
    {
        $overlapping = [];
        for ($b = intdiv($start, self::BUCKET); $b * self::BUCKET < $end; $b++) {
            foreach ($this->buckets[$b] ?? [] as $id => $booking) {
                if ($booking[0] < $end && $booking[1] > $start) {
                    if ($this->capacity < $booking[2] + $quantity) {
                        return [$booking[1], $booking[3]];
                    }
                    $overlapping[$id] = $booking;
                }
            }
        }
        foreach ($overlapping as $one) {
            $at = max($start, $one[0]);
            $taken = 0;
            $frees = PHP_INT_MAX;
            foreach ($overlapping as $other) {
                if ($other[0] <= $at && $other[1] > $at) {
                    $taken += $other[2];
                    $frees = min($frees, $other[1]);
                }
            }
            if ($taken + $quantity > $this->capacity) {
                return [$frees, $one[3]];
            }
        }

        return null;
    }
}
