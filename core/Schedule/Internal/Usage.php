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

    public function __construct(private readonly int $capacity)
    {
    }

    public function book(int $start, int $end, int $quantity, string $piece): int
    {
        $id = ++$this->bookings;
        for ($b = intdiv($start, self::BUCKET); $b * self::BUCKET < $end; $b++) {
            $this->buckets[$b][$id] = [$start, $end, $quantity, $piece];
        }

        return $id;
    }

    public function release(int $id, int $start, int $end): void
    {
        for ($b = intdiv($start, self::BUCKET); $b * self::BUCKET < $end; $b++) {
            unset($this->buckets[$b][$id]);
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
