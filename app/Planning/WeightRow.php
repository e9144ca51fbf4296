<?php

declare(strict_types=1);

namespace App\Planning;

use Carbon\CarbonInterface;

/** A weight as it was read: when, how much (g), and what a meter said beside it (%). */
final readonly class WeightRow
{
    public function __construct(public CarbonInterface $at, public float $massG, public ?float $meterPercent = null)
    {
    }
}
