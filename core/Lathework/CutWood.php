<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Geometry\GrainDirection;

/** Wood as the tool meets it. */
final readonly class CutWood
{
    /** @param  float  $hardnessN  of the dry wood */
    public function __construct(public GrainDirection $grain, public float $hardnessN, public bool $isWet = false)
    {
    }

    public function isEndGrain(): bool
    {
        return $this->grain === GrainDirection::End;
    }
}
