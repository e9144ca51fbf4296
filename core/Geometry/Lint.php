<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Calibration\ShapeFigures;

/** Looks a profile over for what a turner would want to know before cutting. */
final class Lint
{
    /** What is said only of what stands on its foot. */
    public const OF_STANDING = ['rocking-foot', 'low-outside'];

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

        return new Warning('thin-wall', sprintf(
            'The wall is %s mm at its thinnest; %s mm is the least '
                .'you allow.', round($wall->minMm, 3), round($minWallMm, 3),
        ), $wall->z, $wall->r);
    }

    private static function thinFloor(ShapeFigures $figures, Profile $profile, float $minWallMm): ?Warning
    {
        $floor = $profile->floorMm();
        if ($floor === null || $floor >= $minWallMm + $figures->footDishMm) {
            return null;
        }

        return new Warning('thin-floor', sprintf(
            'The floor is %s mm; dishing the foot by %s mm would leave less than %s mm.',
            round($floor, 3), $figures->footDishMm, round($minWallMm, 3),
        ), 0.0, 0.0);
    }

    private static function rocking(ShapeFigures $figures, Profile $profile): ?Warning
    {
        $stands = $profile->standsOn();
        if ($profile->droops()) {
            return new Warning('low-outside', sprintf(
                'The outside dips below the foot at r %.1f mm; the piece would not stand on its foot.', $stands->r,
            ), $stands->z, $stands->r);
        }

        return $stands->r >= $figures->footRadiusMm ? null : new Warning('rocking-foot', sprintf(
            'The foot is lowest at r %.1f mm, so the piece would rock; dish it.', $stands->r,
        ), $stands->z, $stands->r);
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

        return $deepest <= $figures->undercutMm ? null : new Warning('undercut', sprintf(
            'The inside is %s mm wider than the narrowest place above it: sanding needs a '
                .'bent tool.', round(2 * $deepest, 3),
        ), $at->z, $at->r);
    }

    private static function openFloor(Profile $profile): ?Warning
    {
        $bottom = $profile->inner?->last();

        return $bottom === null || $bottom->r <= 0.01 ? null
            : new Warning(
                'flat-floor',
                sprintf('The inside stops at r %.1f mm; its bottom is taken as flat to the centre.', $bottom->r),
                $bottom->z, $bottom->r,
            );
    }
}
