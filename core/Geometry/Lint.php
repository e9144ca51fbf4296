<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Calibration\ShapeFigures;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Looks a profile over for what a turner would want to know before cutting. */
final class Lint
{
    /** What is said only of what stands on its foot. */
    /** @return list<Warning> */
    public static function of(ShapeFigures $figures, Profile $profile, ?Wall $wall, float $minWallMm): array
    {
        return array_values(array_filter([
            self::thinWall($wall, $minWallMm),
            self::thinFloor($figures, $profile, $minWallMm),
            self::rocking($figures, $profile),
            self::undercut($figures, $profile),
            self::openFloor($profile),
        ]));
    }

    private static function thinWall(?Wall $wall, float $minWallMm): ?Warning
    {
        if ($wall === null || $wall->minMm >= $minWallMm) {
            return null;
        }

        return new Warning(WarningCode::ThinWall, new Said('geometry.lint.wall-thinnest-least-you', [
            'min' => Quantity::mm(round($wall->minMm, 3)),
            'minWall' => Quantity::mm(round($minWallMm, 3)),
        ]), $wall->z, $wall->r);
    }

    private static function thinFloor(ShapeFigures $figures, Profile $profile, float $minWallMm): ?Warning
    {
        $floor = $profile->floorMm();
        if ($floor === null || $floor >= $minWallMm + $figures->footDishMm) {
            return null;
        }

        return new Warning(WarningCode::ThinFloor, new Said('geometry.lint.floor-dishing-foot-would', [
            'floor' => Quantity::mm(round($floor, 3)),
            'footDish' => Quantity::mm($figures->footDishMm),
            'minWall' => Quantity::mm(round($minWallMm, 3)),
        ]), 0.0, 0.0);
    }

    private static function rocking(ShapeFigures $figures, Profile $profile): ?Warning
    {
        $stands = $profile->standsOn();
        if ($profile->droops()) {
            return new Warning(WarningCode::LowOutside, new Said('geometry.lint.outside-dips-below-foot', [
                'r' => Quantity::mm($stands->r),
            ]), $stands->z, $stands->r);
        }

        return $stands->r >= $figures->footRadiusMm ? null
            : new Warning(WarningCode::RockingFoot, new Said('geometry.lint.foot-lowest-r-so', [
                'r' => Quantity::mm($stands->r),
            ]), $stands->z, $stands->r);
    }

    private static function undercut(ShapeFigures $figures, Profile $profile): ?Warning
    {
        if ($profile->inner === null) {
            return null;
        }
        $narrowest = INF;
        $deepest = 0.0;
        $at = $profile->inner->first();
        foreach ($profile->inner->points as $point) {
            $narrowest = min($narrowest, $point->r);
            if ($point->r - $narrowest > $deepest) {
                [$deepest, $at] = [$point->r - $narrowest, $point];
            }
        }

        return $deepest <= $figures->undercutMm ? null
            : new Warning(WarningCode::Undercut, new Said('geometry.lint.inside-wider-than-narrowest', [
                'what' => Quantity::mm(round(2 * $deepest, 3)),
            ]), $at->z, $at->r);
    }

    private static function openFloor(Profile $profile): ?Warning
    {
        $bottom = $profile->inner?->last();

        return $bottom === null || $bottom->r <= 0.01 ? null
            : new Warning(
                WarningCode::FlatFloor,
                new Said('geometry.lint.inside-stops-r-bottom', ['r' => Quantity::mm($bottom->r)]),
                $bottom->z, $bottom->r,
            );
    }
}
