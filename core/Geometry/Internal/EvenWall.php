<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Point;

/**
 * Draws the inside of a piece so that its wall is as thick as wanted from the rim down to the floor.
 *
 * @internal
 */
final class EvenWall
{
    /** How far above the floor, in walls, the wall begins to sweep into it (workshop). */
    private const SWEEP_WALLS = 0.7;

    /** The steepest rim: the top edge is never wider than so many walls, unless the side itself lies flat (workshop). */
    private const RIM_WALLS = 1.8;

    /** The inside gets a node beside every node of the outside, then sweeps into a flat floor. */
    public static function inside(Curve $outer, float $wallMm, float $floorMm): Curve
    {
        $wall = self::downFromRim($outer, $wallMm, $floorMm);
        [$top, $sweep] = [$wall[0], $wall[count($wall) - 1]];
        $nodes = [Node::at(round($top->z, 2), round($top->r, 2), true)];
        foreach (array_reverse($outer->nodes) as $node) {
            [, $z, $r] = Segments::nearest(new Point($node->z, $node->r, 0.0), $wall);
            if (min(hypot($z - $top->z, $r - $top->r), hypot($z - $sweep->z, $r - $sweep->r)) > $wallMm) {
                $nodes[] = Node::at(round($z, 2), round($r, 2));
            }
        }
        if ($sweep !== $top) {
            $nodes[] = Node::at(round($sweep->z, 2), round($sweep->r, 2));
        }
        $nodes[] = Node::at(round($floorMm + 0.12 * ($sweep->z - $floorMm), 2), round($sweep->r * 0.6, 2));
        $nodes[] = Node::at(round($floorMm, 2), 0.0);

        return Curve::through($nodes);
    }

    /** @return non-empty-list<Point> the outside moved inwards by the wall, from the level of the rim down to the sweep */
    private static function downFromRim(Curve $outer, float $wallMm, float $floorMm): array
    {
        $rim = $outer->last();
        $line = [];
        for ($i = count($outer->points) - 1; $i > 0; $i--) {
            [$above, $below] = [$outer->points[$i], $outer->points[$i - 1]];
            [$dz, $dr] = [$above->z - $below->z, $above->r - $below->r];
            $length = max(1e-9, hypot($dz, $dr));
            $z = ($above->z + $below->z) / 2 + $wallMm * $dr / $length;
            $r = ($above->r + $below->r) / 2 - $wallMm * $dz / $length;
            if ($line !== [] && ($z < $floorMm + self::SWEEP_WALLS * $wallMm || $r < $wallMm)) {
                break;
            }
            if ($z >= $rim->z) {
                continue;
            }
            if ($line === []) {
                $top = $i === count($outer->points) - 1 ? $rim->r - min(self::RIM_WALLS, $length / max(1e-6, $dz)) * $wallMm : $r;
                $line[] = new Point($rim->z, max($wallMm / 2, $top), 0.0);
            }
            $line[] = new Point($z, $r, 0.0);
        }

        return $line === [] ? [new Point($rim->z, $rim->r / 2, 0.0)] : $line;
    }
}
