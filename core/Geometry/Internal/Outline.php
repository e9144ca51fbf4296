<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Point;

/**
 * What a closed outline of sampled points encloses.
 *
 * @internal
 */
final class Outline
{
    /**
     * Whether a point lies within the closed outline, by ray casting along +r.
     *
     * @param  list<Point>  $outline
     */
    public static function encloses(array $outline, float $z, float $r): bool
    {
        $inside = false;
        $count = count($outline);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$a, $b] = [$outline[$i], $outline[$j]];
            if (($a->z > $z) !== ($b->z > $z) && $r < ($b->r - $a->r) * ($z - $a->z) / ($b->z - $a->z) + $a->r) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }
}
