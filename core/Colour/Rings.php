<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Geometry\GrainDirection;

/**
 * Growth rings as a turned surface would show them (workshop): straight round a pith line, evenly apart, their late
 * wood
 * dense at the outer edge of each. What is drawn is wood of this kind, not this piece of it.
 */
final readonly class Rings
{
    /** The pith lies so far off, as shares of the diameter: below a side-grain blank, beside an end-grain one. */
    private const BELOW = 0.35;

    private const BESIDE = 0.16;

    private function __construct(private GrainDirection $grain, private float $diameterMm, private float $ringMm)
    {
    }

    public static function in(GrainDirection $grain, float $diameterMm, float $ringMm): self
    {
        return new self($grain, max(1.0, $diameterMm), $ringMm);
    }

    /**
     * The share of late wood round the piece at a height, 0 to 1.
     *
     * @param  list<float>  $cosines  of the azimuths from where side grain comes out
     * @param  list<float>  $sines  of the same
     * @return list<float>
     */
    public function lateAround(float $z, float $r, array $cosines, array $sines): array
    {
        $isSide = $this->grain === GrainDirection::Side;
        $up = ($z + self::BELOW * $this->diameterMm) ** 2;
        $beside = self::BESIDE * $this->diameterMm;
        $late = [];
        foreach ($cosines as $i => $cos) {
            $x = $r * $cos;
            $y = $r * $sines[$i];
            $far = $isSide ? sqrt($y * $y + $up) : sqrt(($x - $beside) ** 2 + $y * $y);
            $along = $isSide ? $x : $z;
            // No ring is a circle: it wanders a little along the grain.
            $ring = $far / $this->ringMm + 0.35 * sin($along / 23) + 0.2 * sin($along / 61 + $far / 17);
            $part = $ring - floor($ring);
            $late[] = $part * $part * $part;
        }

        return $late;
    }
}
