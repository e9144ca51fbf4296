<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What a shop has set for itself; null where the catalogue's figure holds. */
final readonly class ShopLimits
{
    /**
     * @param  float|null  $equilibriumPercent  what wood settles at in the shop's air
     * @param  float|null  $roomC  how warm that is, day and night, °C
     */
    public function __construct(
        public ?float $sandingCapMPerS = null,
        public ?float $minWallMm = null,
        public ?float $equilibriumPercent = null,
        public ?float $roomC = null,
    ) {
    }
}
