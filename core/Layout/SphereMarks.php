<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/**
 * The lines by which a sphere is turned from a cylinder of its diameter.
 *
 * Physics: at 0, D/4, D/2, 3D/4 and D along the blank, where it is 0, √3/2·D, D, √3/2·D and 0 across.
 */
final class SphereMarks
{
    /** @return list<array{float, float}> mm from one end, and diameter there */
    public static function of(float $diameterMm): array
    {
        return array_map(fn (int $quarter): array => [
            $quarter / 4 * $diameterMm, 2 * sqrt(($diameterMm / 2) ** 2 - (($quarter / 4 - 0.5) * $diameterMm) ** 2),
        ], range(0, 4));
    }
}
