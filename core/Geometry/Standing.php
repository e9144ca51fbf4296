<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Internal\EdgedBody;

/**
 * How a turned body stands: where its centre of gravity is, and how far it may be tipped before it falls.
 *
 * Physics: a body falls once its centre of gravity is past the edge that it stands on, tan α = r/h. Exact for wood of
 * one density: ∫ z r² dz over the frusta of its outline; a rim that is not level puts it beside the axis.
 */
final readonly class Standing
{
    /**
     * @param  float  $centreMm  of gravity, over what it stands on
     * @param  float  $ringMm  the radius of what it stands on
     * @param  float  $offMm  how far that centre is from its axis
     */
    private function __construct(public float $centreMm, public float $ringMm, public float $offMm)
    {
    }

    /** Null for what has no foot to stand on. */
    public static function of(Profile $profile): ?self
    {
        $foot = $profile->standsOn();
        [$volume, $moment, $off] = [0.0, 0.0, 0.0];
        $outline = $profile->edge === null ? $profile->outline() : [];
        if ($profile->edge !== null) {
            [$mm3, $over, $x, $y] = (new EdgedBody($profile, $profile->edge, $profile->topMm()))->solid();
            [$volume, $moment, $off] = [$mm3 / M_PI, $over / M_PI, hypot($x, $y) / $mm3];
        }
        foreach (array_slice($outline, 1) as $i => $to) {
            $from = $outline[$i];
            $high = $to->z - $from->z;
            $slice = $high * ($from->r ** 2 + $from->r * $to->r + $to->r ** 2) / 3;
            $volume += $slice;
            $moment += $from->z * $slice + $high ** 2 * ($from->r ** 2 + 2 * $from->r * $to->r + 3 * $to->r ** 2) / 12;
        }
        if ($profile->bore !== null) {
            [$low, $high] = $profile->bore->span($profile->outer, $profile->inner);
            $slice = $profile->bore->radiusMm() ** 2 * ($high - $low);
            $volume -= $slice;
            $moment -= $slice * ($low + $high) / 2;
        }
        $centre = $volume === 0.0 ? 0.0 : $moment / $volume - $foot->z;

        return $foot->r <= 0.0 || $centre <= 0.0 ? null : new self($centre, $foot->r, $off);
    }

    public function tipsDeg(): float
    {
        return rad2deg(atan2(max(0.0, $this->ringMm - $this->offMm), $this->centreMm));
    }

    /** @return array{centre_mm: float, tips_deg: float} */
    public function toArray(): array
    {
        return ['centre_mm' => round($this->centreMm, 2), 'tips_deg' => round($this->tipsDeg(), 2)];
    }
}
