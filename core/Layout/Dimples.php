<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Dimples strewn over a face, none nearer to another than a least distance. */
final readonly class Dimples
{
    private function __construct(public int $count)
    {
    }

    /** @throws InvalidField for a least distance at which that many cannot be strewn */
    public static function of(float $areaMm2, float $perCm2, float $leastMm): self
    {
        $most = $leastMm * sqrt(Strewn::mostPerCm2($leastMm) / $perCm2);
        if (round($leastMm, 2) > round($most, 2)) {
            throw InvalidField::because(
                'least_mm', $leastMm, new Said('layout.dimples.cm-must-no-more', [
                    'perCm' => Quantity::number($perCm2),
                    'most' => Quantity::count($most),
                ]),
            );
        }

        return new self((int) round($perCm2 * $areaMm2 / 100));
    }

    public function minutes(LayoutFigures $figures): float
    {
        return $this->count * $figures->dimpleSeconds / 60;
    }
}
