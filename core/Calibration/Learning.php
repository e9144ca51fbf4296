<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/**
 * What the bench says of a figure of the model: how many times the model's it really was.
 *
 * Workshop model: the median of the ratios, shrunk towards 1 by the number of records: (n·median + k)/(n + k).
 */
final readonly class Learning
{
    private function __construct(public int $records, public float $median, public float $factor)
    {
    }

    /**
     * @param  list<float>  $ratios  actual against model, those out of all reason left out
     * @param  float|null  $prior  as how many records the model counts, where that is not the usual
     */
    public static function from(array $ratios, LearningFigures $figures, ?float $prior = null): self
    {
        $sound = Ratios::sound($ratios, $figures);
        if ($sound->count === 0) {
            return new self(0, 1.0, 1.0);
        }
        $prior ??= $figures->priorRecords;
        $shrunk = ($sound->count * $sound->median + $prior) / ($sound->count + $prior);

        // In steps, so that one more record does not make every route new.
        return new self($sound->count, $sound->median, round($shrunk / $figures->step) * $figures->step);
    }
}
