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
        $sound = Ratios::sound($ratios, $figures);
        $off = array_sum(array_map(fn (float $ratio): float => abs($ratio / $sound->median - 1), $sound->each));
        $share = (2 * $off + $figures->priorScatter * $usual) / ($sound->count + $figures->priorScatter);

        return new self($sound->count, min($figures->mostScatter, $share));
    }
}
