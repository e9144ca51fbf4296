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
        return "It weighed {$this->show->weighed($doubt->beforeG)} before, and "
            ."{$this->show->weighed($weighing->mass_g)} now. ".match ($doubt->unit) {
                null => 'Is that right?',
                'thousandths' => 'Were that grams, read as kilograms?',
                default => "Was that in $doubt->unit?",
            };
    }
}
