<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * How far work runs off its plan, as the bench says: by which share it is as likely shorter as longer.
 *
 * Workshop model: ratios of actual to planned lie evenly within ± s of their median, so that they are s/2 from it on
 * average; shrunk towards what is taken without records by their number: (n·s + k·usual)/(n + k).
 */
final readonly class Scatter
{
    private function __construct(public int $records, public float $share)
    {
    }

    /**
     * @param  list<float>  $ratios  actual minutes against planned ones; those out of all reason are left out
     * @param  float  $usual  the share where nothing is known, 0 to 1
     */
    public static function from(array $ratios, float $usual, LearningFigures $figures): self
    {
        $sound = array_values(array_filter(
            $ratios, fn (float $ratio): bool => $ratio >= $figures->leastRatio && $ratio <= $figures->mostRatio,
        ));
        sort($sound);
        $n = count($sound);
        if ($n === 0) {
            return new self(0, $usual);
        }
        $median = ($sound[intdiv($n - 1, 2)] + $sound[intdiv($n, 2)]) / 2;
        $off = array_sum(array_map(fn (float $ratio): float => abs($ratio / $median - 1), $sound)) / $n;
        $share = ($n * 2 * $off + $figures->priorScatter * $usual) / ($n + $figures->priorScatter);

        return new self($n, min($figures->mostScatter, $share));
    }
}
