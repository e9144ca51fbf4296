<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How far records move a figure. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class LearningFigures
{
    private function __construct(
        public float $priorRecords,
        public float $leastRatio,
        public float $mostRatio,
        public float $step,
        public float $priorBoards,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            priorRecords: $value('learning_prior_records'),
            leastRatio: $value('learning_least_ratio'),
            mostRatio: $value('learning_most_ratio'),
            step: $value('learning_step'),
            priorBoards: $value('learning_prior_boards'),
        );
    }
}
