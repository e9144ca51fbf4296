<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Coating\Climate;
use HonestGrain\Coating\DailyClimate;
use HonestGrain\Coating\Kinetics;

/**
 * The reference hours that elapse in an air from a moment on, as a running sum over its stretches, so that when a wait
 * is over is looked up and not run through. Days that go alike are one block, however many they are.
 *
 * @internal
 */
final class CureCurve
{
    private const DAY = 86_400;

    /** Without any progress for so long it says nothing: why, `CureClock::run` finds out. */
    private const STALL_SECONDS = 400 * self::DAY;

    private const GIVE_UP_SECONDS = 3650 * self::DAY;

    private const HOURS_ALIKE = 1e-12;

    /** @var list<int> where each block begins, second (UTC) */
    private array $from = [];

    /** @var list<float> reference hours from the first moment to there */
    private array $sum = [];

    /** @var list<float> of its days, reference hours; of a single stretch 0 */
    private array $aDay = [];

    /** @var list<list<array{int, float, float}>> its stretches: second within, hours so far, rate */
    private array $stretches = [];

    private int $until;

    private float $total = 0.0;

    private int $progressAt;

    private bool $isEndless = false;

    public function __construct(
        private readonly Climate $climate,
        private readonly Kinetics $kinetics,
        public readonly int $origin,
    ) {
        $this->until = $this->progressAt = $origin;
    }

    /**
     * The second at which so many reference hours have elapsed.
     *
     * @param  int  $start  second (UTC), not before the origin
     * @return int|null null where this air does not bring them about
     */
    public function end(float $needHours, int $start): ?int
    {
        while ($this->until <= $start && ! $this->isEndless) {
            if (! $this->extend()) {
                return null;
            }
        }
        $target = $this->at($start) + $needHours;
        while ($this->total < $target - self::HOURS_ALIKE && ! $this->isEndless) {
            if (! $this->extend()) {
                return null;
            }
        }

        return max($start, $this->when($target));
    }

    private function at(int $second): float
    {
        $block = self::last($this->from, $second);
        $within = $second - $this->from[$block];
        $sum = $this->sum[$block];
        if ($this->aDay[$block] > 0) {
            $sum += intdiv($within, self::DAY) * $this->aDay[$block];
            $within %= self::DAY;
        }
        $stretches = $this->stretches[$block];
        $i = count($stretches) - 1;
        while ($i > 0 && $stretches[$i][0] > $within) {
            $i--;
        }

        return $sum + $stretches[$i][1] + $stretches[$i][2] * ($within - $stretches[$i][0]) / 3600;
    }

    private function when(float $target): int
    {
        [$low, $high] = [0, count($this->sum) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            [$low, $high] = $this->sum[$middle] < $target - self::HOURS_ALIKE ? [$middle, $high] : [$low, $middle - 1];
        }
        $rest = $target - $this->sum[$low];
        $at = $this->from[$low];
        $aDay = $this->aDay[$low];
        if ($aDay > 0) {
            $days = max(0, (int) ceil(($rest - self::HOURS_ALIKE) / $aDay) - 1);
            $rest -= $days * $aDay;
            $at += $days * self::DAY;
        }
        $stretches = $this->stretches[$low];
        $i = count($stretches) - 1;
        while ($i > 0 && $stretches[$i][1] >= $rest - self::HOURS_ALIKE) {
            $i--;
        }
        [$within, $before, $rate] = $stretches[$i];

        return $at + $within + ($rate > 0 ? (int) ceil(($rest - $before) / $rate * 3600 - 1e-6) : 0);
    }

    /** Goes on by a stretch, or by all the days to come that go alike. */
    private function extend(): bool
    {
        if ($this->until - $this->progressAt > self::STALL_SECONDS
            || $this->until - $this->origin > self::GIVE_UP_SECONDS) {
            return false;
        }
        $days = $this->climate instanceof DailyClimate ? $this->climate->alikeDays($this->until) : 0;

        return $days > 0 ? $this->addDays($days) : $this->addStretch();
    }

    private function addStretch(): bool
    {
        $air = $this->climate->stretchAt($this->until);
        $rate = $this->kinetics->rate($air->tempC, $air->rhPercent);
        if ($air->until === null && $rate <= 0) {
            return false;
        }
        $this->add(0.0, [[0, 0.0, $rate]]);
        if ($air->until === null) {
            $this->isEndless = true;
        } else {
            $this->total += $rate * ($air->until - $this->until) / 3600;
            $this->until = $air->until;
            $this->progressAt = $rate > 0 ? $this->until : $this->progressAt;
        }

        return true;
    }

    private function addDays(int $days): bool
    {
        $stretches = [];
        $sum = 0.0;
        for ($now = $this->until, $ends = $now + self::DAY; $now < $ends; $now = $until) {
            $air = $this->climate->stretchAt($now);
            $until = min($air->until ?? $ends, $ends);
            $rate = $this->kinetics->rate($air->tempC, $air->rhPercent);
            $stretches[] = [$now - $this->until, $sum, $rate];
            $sum += $rate * ($until - $now) / 3600;
        }
        $this->add($sum, $stretches);
        $this->total += $days * $sum;
        $this->until += $days * self::DAY;
        $this->progressAt = $sum > 0 ? $this->until : $this->progressAt;

        return true;
    }

    /** @param  list<array{int, float, float}>  $stretches */
    private function add(float $aDay, array $stretches): void
    {
        $this->from[] = $this->until;
        $this->sum[] = $this->total;
        $this->aDay[] = $aDay;
        $this->stretches[] = $stretches;
    }

    /** @param  list<int>  $from */
    private static function last(array $from, int $second): int
    {
        [$low, $high] = [0, count($from) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            [$low, $high] = $from[$middle] <= $second ? [$middle, $high] : [$low, $middle - 1];
        }

        return $low;
    }
}
