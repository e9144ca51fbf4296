<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Weighing;
use App\Planning\DoubtfulWeight;
use App\Planning\Rack;

/** What is asked about a weight that can hardly be that blank's. */
final readonly class WeightDoubts
{
    public function __construct(private Rack $rack, private Show $show)
    {
    }

    public function of(Weighing $weighing): ?DoubtfulWeight
    {
        return $this->rack->doubt($weighing);
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
