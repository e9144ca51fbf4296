<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\DoubtfulWeight;
use App\Models\Weighing;

/** What is asked about a weight that can hardly be that blank's. */
final readonly class WeightDoubts
{
    public function __construct(private Show $show)
    {
    }

    public function of(Weighing $weighing): ?DoubtfulWeight
    {
        return DoubtfulWeight::at($weighing);
    }

    /** "It weighed 1,500 g before, and 1.5 g now. Was that in kilograms?" */
    public function asks(Weighing $weighing, DoubtfulWeight $doubt): string
    {
        return say('view.weight-doubts.weighed-before-now', [
            'before' => $this->show->weighed($doubt->beforeG),
            'now' => $this->show->weighed($weighing->mass_g),
            'doubt' => match ($doubt->unit) {
                null => say('view.weight-doubts.right'),
                'thousandths' => say('view.weight-doubts.were-grams-read-kilograms'),
                default => say('view.weight-doubts.was-that-in', ['unit' => $doubt->unit]),
            },
        ]);
    }
}
