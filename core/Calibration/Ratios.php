<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What a shop's records came to against a figure: actual by planned, without slips, smallest first. */
final readonly class Ratios
{
    public int $count;

    /** 1 where there are none. */
    public float $median;

    /** @param  list<float>  $each */
    private function __construct(public array $each)
    {
        $n = $this->count = count($each);
        $this->median = $n === 0 ? 1.0 : ($each[intdiv($n - 1, 2)] + $each[intdiv($n, 2)]) / 2;
    }

    /** @param  list<float>  $ratios  those out of all reason are left out */
    public static function sound(array $ratios, LearningFigures $figures): self
    {
        $sound = array_filter(
            $ratios, fn (float $ratio): bool => $ratio >= $figures->leastRatio && $ratio <= $figures->mostRatio,
        );
        sort($sound);

        return new self($sound);
    }
}
