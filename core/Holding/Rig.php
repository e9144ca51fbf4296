<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Calibration\Calibration;

/** A kind of hold as a shop has it. */
final readonly class Rig
{
    public function __construct(public HoldLimits $limits, public Equipment $equipment, public Calibration $calibration)
    {
    }

    /** How large it is; null where neither the shop nor the table says. */
    public function sizeMm(): ?float
    {
        return $this->equipment->sizeMm($this->limits->mount) ?? $this->limits->sizeMm;
    }

    /** Whether the shop has said how large its own is. */
    public function isMeasured(): bool
    {
        return $this->equipment->sizeMm($this->limits->mount) !== null;
    }
}
