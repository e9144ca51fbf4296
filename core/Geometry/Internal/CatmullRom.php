<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Node;

/**
 * Samples a centripetal Catmull–Rom spline by the Barry–Goldman recurrence.
 *
 * @internal
 */
final class CatmullRom
{
    private const CHORD_ERROR_MM = 0.05;

    private const MAX_DEPTH = 9;

    /**
     * @param  non-empty-list<Node>  $nodes
     * @return list<array{float, float}> every point after the first node
     */
    public static function polyline(array $nodes): array
    {
        $points = [];
        $last = count($nodes) - 1;
        for ($i = 0; $i < $last; $i++) {
            $b = [$nodes[$i]->z, $nodes[$i]->r];
            $c = [$nodes[$i + 1]->z, $nodes[$i + 1]->r];
            $a = $i === 0 || $nodes[$i]->corner ? self::reflect($b, $c) : [$nodes[$i - 1]->z, $nodes[$i - 1]->r];
            $d = $i + 1 === $last || $nodes[$i + 1]->corner ? self::reflect($c, $b) : [$nodes[$i + 2]->z, $nodes[$i + 2]->r];
            $knots = [0.0];
            foreach ([[$a, $b], [$b, $c], [$c, $d]] as [$from, $to]) {
                $knots[] = $knots[count($knots) - 1] + sqrt(hypot($to[0] - $from[0], $to[1] - $from[1]));
            }
            $at = fn (float $u): array => self::evaluate([$a, $b, $c, $d], $knots, $knots[1] + $u * ($knots[2] - $knots[1]));
            self::subdivide($at, 0.0, $b, 1.0, $c, 0, $points);
            $points[] = $c;
        }

        return $points;
    }

    /**
     * @param  array{float, float}  $end
     * @param  array{float, float}  $next
     * @return array{float, float}
     */
    private static function reflect(array $end, array $next): array
    {
        return [2 * $end[0] - $next[0], 2 * $end[1] - $next[1]];
    }

    /**
     * @param  callable(float): array{float, float}  $at
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<array{float, float}>  $points
     */
    private static function subdivide(callable $at, float $u0, array $from, float $u1, array $to, int $depth, array &$points): void
    {
        $mid = ($u0 + $u1) / 2;
        $middle = $at($mid);
        $flat = $depth > 0
            ? self::offChord($middle, $from, $to) <= self::CHORD_ERROR_MM
            // An S-shaped span crosses its chord in the middle: look at the quarters too.
            : max(self::offChord($middle, $from, $to), self::offChord($at(0.25), $from, $to), self::offChord($at(0.75), $from, $to)) <= self::CHORD_ERROR_MM;
        if ($flat || $depth >= self::MAX_DEPTH) {
            return;
        }
        self::subdivide($at, $u0, $from, $mid, $middle, $depth + 1, $points);
        $points[] = $middle;
        self::subdivide($at, $mid, $middle, $u1, $to, $depth + 1, $points);
    }

    /**
     * @param  array{float, float}  $p
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function offChord(array $p, array $a, array $b): float
    {
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);
        if ($length < 1e-9) {
            return hypot($p[0] - $a[0], $p[1] - $a[1]);
        }

        return abs(($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0])) / $length;
    }

    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}, array{float, float}}  $p
     * @param  list<float>  $t
     * @return array{float, float}
     */
    private static function evaluate(array $p, array $t, float $at): array
    {
        $z = [];
        foreach ([0, 1] as $axis) {
            $a1 = self::mix($p[0][$axis], $p[1][$axis], $t[0], $t[1], $at);
            $a2 = self::mix($p[1][$axis], $p[2][$axis], $t[1], $t[2], $at);
            $a3 = self::mix($p[2][$axis], $p[3][$axis], $t[2], $t[3], $at);
            $b1 = self::mix($a1, $a2, $t[0], $t[2], $at);
            $b2 = self::mix($a2, $a3, $t[1], $t[3], $at);
            $z[] = self::mix($b1, $b2, $t[1], $t[2], $at);
        }

        // A curve may swing past the axis between nodes; the wood cannot.
        return [$z[0], max(0.0, $z[1])];
    }

    private static function mix(float $from, float $to, float $t0, float $t1, float $at): float
    {
        return (($t1 - $at) * $from + ($at - $t0) * $to) / ($t1 - $t0);
    }
}
