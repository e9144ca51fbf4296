<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Reading\InvalidField;

/** Dimples strewn over a face, none nearer to another than a least distance. */
final readonly class Dimples
{
    /**
     * Strewn at random, discs come to a stand when they cover this share of a face.
     *
     * Published: jamming of random sequential addition in the plane (J. Feder, J. theor. Biol. 87, 1980).
     */
    private const JAMMED_SHARE = 0.547;

    private function __construct(public int $count)
    {
    }

    /** @throws InvalidField for a least distance at which that many cannot be strewn */
    public static function of(float $areaMm2, float $perCm2, float $leastMm): self
    {
        $most = 2 * sqrt(100 * self::JAMMED_SHARE / ($perCm2 * M_PI));
        if ($leastMm > $most) {
            throw InvalidField::because(
                'least_mm', $leastMm, sprintf('with %s to the cm² it must be no more than %.2f', $perCm2, $most),
            );
        }

        return new self((int) round($perCm2 * $areaMm2 / 100));
    }

    public function minutes(LayoutFigures $figures): float
    {
        return $this->count * $figures->dimpleSeconds / 60;
    }
}
