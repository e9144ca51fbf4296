<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Calibration\RepairRates;

/** A groove that is filled. Physics: width × depth × length, half of it for a V. */
final readonly class Groove
{
    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $depthMm,
        public bool $isV,
    ) {
    }

    public function volumeMl(): float
    {
        return $this->lengthMm * $this->widthMm * $this->depthMm * ($this->isV ? 0.5 : 1.0) / 1000;
    }

    /** The binder takes the rest. */
    public function powderMl(RepairRates $rates): float
    {
        return $rates->powderPacking * $this->volumeMl();
    }

    public function fills(RepairRates $rates): int
    {
        return (int) ceil($this->depthMm / $rates->fillDepthMm);
    }
}
