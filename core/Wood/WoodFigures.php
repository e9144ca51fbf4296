<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

/** What has been measured of a wood: shrinkage from green to oven dry, specific gravity at 12 % moisture, hardness. */
final readonly class WoodFigures
{
    public function __construct(
        public ?float $radialPercent = null,
        public ?float $tangentialPercent = null,
        public ?float $gravity12 = null,
        public ?float $jankaN = null,
    ) {
    }

    /** With those of another where it has none. */
    public function or(self $other): self
    {
        return new self(
            $this->radialPercent ?? $other->radialPercent, $this->tangentialPercent ?? $other->tangentialPercent,
            $this->gravity12 ?? $other->gravity12, $this->jankaN ?? $other->jankaN,
        );
    }
}
