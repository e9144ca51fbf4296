<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/**
 * How the grain lies against the lathe axis.
 *
 * Physics: exposure e = |n·g| for surface normal n and grain g; for side grain the mean over the
 * turn is 2|n_r|/π, for end-grain work e = |n_z| all round.
 */
enum GrainDirection: string
{
    case Side = 'side';
    case End = 'end';

    /** Mean end-grain exposure (0–1) of a surface strip that advances dz along and dr away from the axis. */
    public function exposure(float $dz, float $dr): float
    {
        $slant = hypot($dz, $dr);
        if ($slant === 0.0) {
            return 0.0;
        }

        return $this === self::Side ? 2 * abs($dz) / $slant / M_PI : abs($dr) / $slant;
    }

    /** End-grain exposure (0–1) of such a strip at an azimuth, radians from where side grain comes out. */
    public function exposureAt(float $dz, float $dr, float $azimuth): float
    {
        $slant = hypot($dz, $dr);
        if ($slant === 0.0) {
            return 0.0;
        }

        return $this === self::Side ? abs($dz) / $slant * abs(cos($azimuth)) : abs($dr) / $slant;
    }

    /** The share of the turn over which such a strip shows more end grain than this. */
    public function turnAbove(float $dz, float $dr, float $exposure): float
    {
        $most = $this->exposureAt($dz, $dr, 0.0);
        if ($most <= $exposure) {
            return 0.0;
        }

        return $this === self::Side ? 2 * acos($exposure / $most) / M_PI : 1.0;
    }
}
