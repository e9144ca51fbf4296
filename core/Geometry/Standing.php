<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/**
 * How a body of revolution stands: where its centre of gravity is, and how far it may be tipped before it falls.
 *
 * Physics: a body falls once its centre of gravity is past the edge that it stands on, tan α = r/h. Exact for wood of
 * one density: ∫ z r² dz over the frusta of its outline.
 */
final readonly class Standing
{
    /**
     * @param  float  $centreMm  of gravity, over what it stands on
     * @param  float  $ringMm  the radius of what it stands on
     */
    private function __construct(public float $centreMm, public float $ringMm)
    {
    }

    /** Null for what has no foot to stand on. */
    public static function of(Profile $profile): ?self
    {
        $foot = $profile->standsOn();
        [$volume, $moment] = [0.0, 0.0];
        $outline = $profile->outline();
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

        return $foot->r <= 0.0 || $centre <= 0.0 ? null : new self($centre, $foot->r);
    }

    public function tipsDeg(): float
    {
        return rad2deg(atan2($this->ringMm, $this->centreMm));
    }

    /** @return array{centre_mm: float, tips_deg: float} */
    public function toArray(): array
    {
        return ['centre_mm' => round($this->centreMm, 2), 'tips_deg' => round($this->tipsDeg(), 2)];
    }
}
