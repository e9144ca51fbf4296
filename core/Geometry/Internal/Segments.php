<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Point;

/**
 * Distances and crossings between sampled lines.
 *
 * @internal
 */
final class Segments
{
    /**
     * @param  list<Point>  $line
     * @return array{float, float, float} distance, and z and r of the nearest point
     */
    public static function nearest(Point $p, array $line): array
    {
        $best = [INF, 0.0, 0.0];
        $count = count($line) - 1;
        for ($i = 0; $i < $count; $i++) {
            $az = $line[$i]->z;
            $ar = $line[$i]->r;
            $dz = $line[$i + 1]->z - $az;
            $dr = $line[$i + 1]->r - $ar;
            $square = $dz * $dz + $dr * $dr;
            $t = $square > 0 ? (($p->z - $az) * $dz + ($p->r - $ar) * $dr) / $square : 0.0;
            $t = $t < 0 ? 0.0 : ($t > 1 ? 1.0 : $t);
            $z = $az + $t * $dz;
            $r = $ar + $t * $dr;
            $distance = ($p->z - $z) ** 2 + ($p->r - $r) ** 2;
            if ($distance < $best[0]) {
                $best = [$distance, $z, $r];
            }
        }

        return [sqrt($best[0]), $best[1], $best[2]];
    }

    /**
     * The first place where two lines cross properly; touching ends do not count.
     *
     * @param  list<Point>  $a
     * @param  list<Point>  $b
     * @return array{float, float}|null
     */
    public static function crossing(array $a, array $b, bool $same = false): ?array
    {
        $countA = count($a) - 1;
        $countB = count($b) - 1;
        for ($i = 0; $i < $countA; $i++) {
            [$p, $q] = [$a[$i], $a[$i + 1]];
            $zMin = min($p->z, $q->z);
            $zMax = max($p->z, $q->z);
            $rMin = min($p->r, $q->r);
            $rMax = max($p->r, $q->r);
            for ($j = $same ? $i + 2 : 0; $j < $countB; $j++) {
                [$s, $t] = [$b[$j], $b[$j + 1]];
                if (($s->z > $zMax && $t->z > $zMax) || ($s->z < $zMin && $t->z < $zMin)
                    || ($s->r > $rMax && $t->r > $rMax) || ($s->r < $rMin && $t->r < $rMin)) {
                    continue;
                }
                if (self::side($p, $q, $s) * self::side($p, $q, $t) < 0 && self::side($s, $t, $p) * self::side($s, $t, $q) < 0) {
                    return [($s->z + $t->z) / 2, ($s->r + $t->r) / 2];
                }
            }
        }

        return null;
    }

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

    private static function side(Point $a, Point $b, Point $p): float
    {
        return ($b->z - $a->z) * ($p->r - $a->r) - ($b->r - $a->r) * ($p->z - $a->z);
    }
}
