<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** From where a shape gives trouble at the lathe. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ShapeFigures
{
    public float $leastWallMm;

    public float $footDishMm;

    public float $footRadiusMm;

    public float $undercutMm;

    public float $closedMouthMm;

    public float $closedMouthShare;

    public float $leastTipDeg;

    public float $thickSpotMm;

    public float $thickSpotShare;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->leastWallMm = $value('shape_least_wall_mm');
        $this->footDishMm = $value('shape_foot_dish_mm');
        $this->footRadiusMm = $value('shape_foot_radius_mm');
        $this->undercutMm = $value('shape_undercut_mm');
        $this->closedMouthMm = $value('shape_closed_mouth_mm');
        $this->closedMouthShare = $value('shape_closed_mouth_share');
        $this->leastTipDeg = $value('shape_least_tip_deg');
        $this->thickSpotMm = $value('shape_thick_spot_mm');
        $this->thickSpotShare = $value('shape_thick_spot_share');
    }
}
