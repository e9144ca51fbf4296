<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Geometry\GrainDirection;

/**
 * Growth rings as a turned surface would show them (workshop): straight round a pith line, evenly apart, their late wood
 * dense at the outer edge of each. What is drawn is wood of this kind, not this piece of it.
 */
final readonly class Rings
{
    /** The pith lies so far off, as shares of the diameter: below a side-grain blank, beside an end-grain one. */
    private const BELOW = 0.35;

    private const BESIDE = 0.16;

    private const SHARP = 3;

    private function __construct(private GrainDirection $grain, private float $diameterMm, private float $ringMm)
    {
    }

    public static function in(GrainDirection $grain, float $diameterMm, float $ringMm): self
    {
        return new self($grain, max(1.0, $diameterMm), $ringMm);
    }

    /**
     * The share of late wood at a place, 0 to 1.
     *
     * @param  float  $azimuth  radians from where side grain comes out
     */
    public function lateAt(float $z, float $r, float $azimuth): float
    {
        [$x, $y] = [$r * cos($azimuth), $r * sin($azimuth)];
        $far = $this->grain === GrainDirection::Side
            ? hypot($y, $z + self::BELOW * $this->diameterMm)
            : hypot($x - self::BESIDE * $this->diameterMm, $y);
        $along = $this->grain === GrainDirection::Side ? $x : $z;
        // No ring is a circle: it wanders a little along the grain.
        $ring = $far / $this->ringMm + 0.35 * sin($along / 23) + 0.2 * sin($along / 61 + $far / 17);

        return ($ring - floor($ring)) ** self::SHARP;
    }
}
