<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Calibration\MarkRates;

/** Lines and shading with the pen (workshop): how long they take on wood of a hardness. */
final readonly class PenWork
{
    /** @param  float  $tone  of the shaded area, 0 to 1 */
    public function __construct(public float $strokeMm, public float $shadedMm2, public float $tone)
    {
    }

    /** @param  float  $hardnessN  Janka */
    public function minutes(float $hardnessN, MarkRates $rates, LayoutFigures $figures): float
    {
        $mmPerS = $rates->penMmPerS * sqrt($rates->referenceHardnessN / $hardnessN);

        return $this->strokeMm / $mmPerS / 60 + $this->tone * $this->shadedMm2 / 100 / $figures->shadeCm2PerMinute;
    }
}
