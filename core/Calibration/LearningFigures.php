<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** How far records move a figure. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class LearningFigures
{
    public float $priorRecords;

    public float $leastRatio;

    public float $mostRatio;

    public float $step;

    public float $priorBoards;

    public float $priorScatter;

    public float $mostScatter;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->priorRecords = $value('learning_prior_records');
        $this->leastRatio = $value('learning_least_ratio');
        $this->mostRatio = $value('learning_most_ratio');
        $this->step = $value('learning_step');
        $this->priorBoards = $value('learning_prior_boards');
        $this->priorScatter = $value('learning_prior_scatter');
        $this->mostScatter = $value('learning_most_scatter');
    }
}
