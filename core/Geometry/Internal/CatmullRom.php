<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Node;

/**
 * Samples a centripetal Catmull–Rom spline. Each span is a cubic, so its distance from a chord is at most an eighth of
 * its greatest second derivative: spans are halved until that is within the chord error.
 *
 * @internal
 *
 * @phpstan-type Pair array{float, float}
 * @phpstan-type Cubic array{Pair, Pair, Pair, Pair}
 */
final class CatmullRom
{
    /** Far above what the point limit lets through; a bound on the recursion alone. */
    private const MAX_DEPTH = 14;

    /** @var list<Pair> */
    private array $points = [];

    private function __construct(private readonly int $maxPoints, private readonly string $field)
    {
    }

    /**
     * @param  non-empty-list<Node>  $nodes
     * @return list<Pair> every point after the first node
     *
     * @throws InvalidProfile when the line would take more points than are allowed
     */
    public static function polyline(array $nodes, int $maxPoints, string $field): array
    {
        $self = new self($maxPoints, $field);
        $last = count($nodes) - 1;
        for ($i = 0; $i < $last; $i++) {
            $b = [$nodes[$i]->z, $nodes[$i]->r];
            $c = [$nodes[$i + 1]->z, $nodes[$i + 1]->r];
            $a = $i === 0 || $nodes[$i]->corner ? self::reflect($b, $c) : [$nodes[$i - 1]->z, $nodes[$i - 1]->r];
            $d = $i + 1 === $last || $nodes[$i + 1]->corner
                ? self::reflect($c, $b)
                : [$nodes[$i + 2]->z, $nodes[$i + 2]->r];
            $self->halve(self::cubic($a, $b, $c, $d), 0);
        }

        return $self->points;
    }

    /**
     * @param  Pair  $end
     * @param  Pair  $next
     * @return Pair
     */
    private static function reflect(array $end, array $next): array
    {
        return [2 * $end[0] - $next[0], 2 * $end[1] - $next[1]];
    }

    /**
     * The span from b to c as a Bézier cubic: its tangents are those of the spline over knots spaced by the root of
     * the distance.
     *
     * @param  Pair  $a
     * @param  Pair  $b
     * @param  Pair  $c
     * @param  Pair  $d
     * @return Cubic
     */
    private static function cubic(array $a, array $b, array $c, array $d): array
    {
        $before = sqrt(hypot($b[0] - $a[0], $b[1] - $a[1]));
        $span = sqrt(hypot($c[0] - $b[0], $c[1] - $b[1]));
        $after = sqrt(hypot($d[0] - $c[0], $d[1] - $c[1]));
        $out = $in = [0.0, 0.0];
        foreach ([0, 1] as $k) {
            $out[$k] = $b[$k] + $span / 3 * (($b[$k] - $a[$k]) / $before
                - ($c[$k] - $a[$k]) / ($before + $span) + ($c[$k] - $b[$k]) / $span);
            $in[$k] = $c[$k] - $span / 3 * (($c[$k] - $b[$k]) / $span
                - ($d[$k] - $b[$k]) / ($span + $after) + ($d[$k] - $c[$k]) / $after);
        }

        return [$b, $out, $in, $c];
    }

    /** @param  Cubic  $p */
    private function halve(array $p, int $depth): void
    {
        if ($depth >= self::MAX_DEPTH || self::isFlat($p)) {
            if (count($this->points) >= $this->maxPoints) {
                throw InvalidProfile::tooIntricate($this->field, $this->maxPoints);
            }
            // A curve may swing past the axis between nodes; the wood cannot.
            $this->points[] = [$p[3][0], max(0.0, $p[3][1])];

            return;
        }
        $ab = self::between($p[0], $p[1]);
        $bc = self::between($p[1], $p[2]);
        $cd = self::between($p[2], $p[3]);
        $abc = self::between($ab, $bc);
        $bcd = self::between($bc, $cd);
        $middle = self::between($abc, $bcd);
        $this->halve([$p[0], $ab, $abc, $middle], $depth + 1);
        $this->halve([$middle, $bcd, $cd, $p[3]], $depth + 1);
    }

    /**
     * @param  Pair  $a
     * @param  Pair  $b
     * @return Pair
     */
    private static function between(array $a, array $b): array
    {
        return [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2];
    }

    /** @param  Cubic  $p */
    private static function isFlat(array $p): bool
    {
        $bend = max(
            hypot($p[0][0] - 2 * $p[1][0] + $p[2][0], $p[0][1] - 2 * $p[1][1] + $p[2][1]),
            hypot($p[1][0] - 2 * $p[2][0] + $p[3][0], $p[1][1] - 2 * $p[2][1] + $p[3][1]),
        );
        $leavesAxis = ($p[0][1] < 0) !== ($p[3][1] < 0) && abs($p[0][1] - $p[3][1]) > Curve::CHORD_ERROR_MM;

        return ! $leavesAxis && 6 * $bend / 8 <= Curve::CHORD_ERROR_MM;
    }
}
