<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** From where a shape gives trouble at the lathe. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ShapeFigures
{
    private function __construct(
        public float $leastWallMm,
        public float $footDishMm,
        public float $footRadiusMm,
        public float $undercutMm,
        public float $closedMouthMm,
        public float $closedMouthShare,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        return new self(
            leastWallMm: $value('shape_least_wall_mm'),
            footDishMm: $value('shape_foot_dish_mm'),
            footRadiusMm: $value('shape_foot_radius_mm'),
            undercutMm: $value('shape_undercut_mm'),
            closedMouthMm: $value('shape_closed_mouth_mm'),
            closedMouthShare: $value('shape_closed_mouth_share'),
        );
    }
}
