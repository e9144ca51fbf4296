<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Point;

/**
 * A sampled line in a tree of boxes, so that distances and meetings are found without looking at every pair of
 * segments.
 *
 * @internal
 */
final class SegmentTree
{
    private const LEAF = 4;

    /** A meeting closer than this counts as one, mm. */
    private const TOUCH_MM = 1e-7;

    /**
     * @var list<array{int, int, float, float, float, float, int, int}> first and last segment, box (z, r), children or
     *     −1
     */
    private array $boxes = [];

    /** @param  list<Point>  $line  at least two points */
    private function __construct(private readonly array $line)
    {
        $this->build(0, count($line) - 2);
    }

    /** @param  list<Point>  $line */
    public static function over(array $line): self
    {
        return new self($line);
    }

    /**
     * @param  float  $within  only nearer ones are of interest, mm
     * @return array{float, float, float} distance, and z and r of the nearest point; the distance is INF where none is
     */
    public function nearest(Point $p, float $within = INF): array
    {
        $best = [$within * $within, NAN, NAN];
        $this->search(0, $p->z, $p->r, $best);

        return is_nan($best[1]) ? [INF, $p->z, $p->r] : [sqrt($best[0]), $best[1], $best[2]];
    }

    /**
     * The first place where two lines meet, touching included.
     *
     * @return array{float, float}|null
     */
    public function meets(self $other): ?array
    {
        return $this->pairs(0, $other, 0, false);
    }

    /**
     * The first place where the line meets itself or turns back on itself.
     *
     * @return array{float, float}|null
     */
    public function meetsItself(): ?array
    {
        for ($i = 1, $last = count($this->line) - 1; $i < $last; $i++) {
            if ($this->turnsBack($i)) {
                return [$this->line[$i]->z, $this->line[$i]->r];
            }
        }

        return $this->pairs(0, $this, 0, true);
    }

    private function build(int $first, int $last): int
    {
        $number = count($this->boxes);
        $this->boxes[] = [0, 0, 0.0, 0.0, 0.0, 0.0, -1, -1];
        $left = $right = -1;
        if ($last - $first >= self::LEAF) {
            $middle = intdiv($first + $last, 2);
            $left = $this->build($first, $middle);
            $right = $this->build($middle + 1, $last);
            [, , $z0, $r0, $z1, $r1] = $this->boxes[$left];
            [, , $y0, $q0, $y1, $q1] = $this->boxes[$right];
            $box = [min($z0, $y0), min($r0, $q0), max($z1, $y1), max($r1, $q1)];
        } else {
            $box = [INF, INF, -INF, -INF];
            for ($i = $first; $i <= $last + 1; $i++) {
                [$z, $r] = [$this->line[$i]->z, $this->line[$i]->r];
                $box = [min($box[0], $z), min($box[1], $r), max($box[2], $z), max($box[3], $r)];
            }
        }
        $this->boxes[$number] = [$first, $last, $box[0], $box[1], $box[2], $box[3], $left, $right];

        return $number;
    }

    /**
     * The nearer of two boxes first; a box no nearer than what is found already is left out.
     *
     * @param  array{float, float, float}  $best  square of the distance, z and r
     */
    private function search(int $box, float $z, float $r, array &$best): void
    {
        [$first, $last, , , , , $left, $right] = $this->boxes[$box];
        if ($left < 0) {
            for ($i = $first; $i <= $last; $i++) {
                $this->toSegment($i, $z, $r, $best);
            }

            return;
        }
        [$toLeft, $toRight] = [$this->squareAway($left, $z, $r), $this->squareAway($right, $z, $r)];
        if ($toRight < $toLeft) {
            [$left, $toLeft, $right, $toRight] = [$right, $toRight, $left, $toLeft];
        }
        if ($toLeft < $best[0]) {
            $this->search($left, $z, $r, $best);
        }
        if ($toRight < $best[0]) {
            $this->search($right, $z, $r, $best);
        }
    }

    private function squareAway(int $box, float $z, float $r): float
    {
        [, , $z0, $r0, $z1, $r1] = $this->boxes[$box];
        $dz = $z < $z0 ? $z0 - $z : ($z > $z1 ? $z - $z1 : 0.0);
        $dr = $r < $r0 ? $r0 - $r : ($r > $r1 ? $r - $r1 : 0.0);

        return $dz * $dz + $dr * $dr;
    }

    /** @param  array{float, float, float}  $best  square of the distance, z and r */
    private function toSegment(int $i, float $z, float $r, array &$best): void
    {
        [$a, $b] = [$this->line[$i], $this->line[$i + 1]];
        $dz = $b->z - $a->z;
        $dr = $b->r - $a->r;
        $square = $dz * $dz + $dr * $dr;
        $t = $square > 0 ? (($z - $a->z) * $dz + ($r - $a->r) * $dr) / $square : 0.0;
        $t = $t < 0.0 ? 0.0 : ($t > 1.0 ? 1.0 : $t);
        [$atZ, $atR] = [$a->z + $t * $dz, $a->r + $t * $dr];
        $distance = ($z - $atZ) * ($z - $atZ) + ($r - $atR) * ($r - $atR);
        if ($distance < $best[0]) {
            $best = [$distance, $atZ, $atR];
        }
    }

    /** @return array{float, float}|null */
    private function pairs(int $mine, self $other, int $theirs, bool $same): ?array
    {
        [$first, $last, $z0, $r0, $z1, $r1, $left, $right] = $this->boxes[$mine];
        [$from, $to, $y0, $q0, $y1, $q1, $child, $second] = $other->boxes[$theirs];
        $eps = self::TOUCH_MM;
        if ($y0 > $z1 + $eps || $y1 < $z0 - $eps || $q0 > $r1 + $eps || $q1 < $r0 - $eps || ($same && $to < $first)) {
            return null;
        }
        if ($left >= 0 && ($child < 0 || $last - $first >= $to - $from)) {
            return $this->pairs($left, $other, $theirs, $same) ?? $this->pairs($right, $other, $theirs, $same);
        }
        if ($child >= 0) {
            return $this->pairs($mine, $other, $child, $same) ?? $this->pairs($mine, $other, $second, $same);
        }
        for ($i = $first; $i <= $last; $i++) {
            for ($j = $same ? max($from, $i + 2) : $from; $j <= $to; $j++) {
                $at = self::meeting($this->line[$i], $this->line[$i + 1], $other->line[$j], $other->line[$j + 1]);
                if ($at !== null) {
                    return $at;
                }
            }
        }

        return null;
    }

    /** @return array{float, float}|null */
    private static function meeting(Point $a, Point $b, Point $c, Point $d): ?array
    {
        $eps = self::TOUCH_MM;
        if (max($c->z, $d->z) < min($a->z, $b->z) - $eps || min($c->z, $d->z) > max($a->z, $b->z) + $eps
            || max($c->r, $d->r) < min($a->r, $b->r) - $eps || min($c->r, $d->r) > max($a->r, $b->r) + $eps) {
            return null;
        }
        $ab = max(1e-12, hypot($b->z - $a->z, $b->r - $a->r));
        $cd = max(1e-12, hypot($d->z - $c->z, $d->r - $c->r));
        $sideC = self::side($a, $b, $c) / $ab;
        $sideD = self::side($a, $b, $d) / $ab;
        $sideA = self::side($c, $d, $a) / $cd;
        $sideB = self::side($c, $d, $b) / $cd;
        $apart = ($sideC > $eps && $sideD > $eps) || ($sideC < -$eps && $sideD < -$eps)
            || ($sideA > $eps && $sideB > $eps) || ($sideA < -$eps && $sideB < -$eps);

        return $apart ? null : [($c->z + $d->z) / 2, ($c->r + $d->r) / 2];
    }

    /** Twice the area of the triangle, positive on one side of the line from a to b. */
    private static function side(Point $a, Point $b, Point $p): float
    {
        return ($b->z - $a->z) * ($p->r - $a->r) - ($b->r - $a->r) * ($p->z - $a->z);
    }

    /** Whether the segment after a point runs back over the one before it. */
    private function turnsBack(int $i): bool
    {
        [$a, $b, $c] = [$this->line[$i - 1], $this->line[$i], $this->line[$i + 1]];
        $in = hypot($b->z - $a->z, $b->r - $a->r);
        $out = hypot($c->z - $b->z, $c->r - $b->r);
        $forward = ($b->z - $a->z) * ($c->z - $b->z) + ($b->r - $a->r) * ($c->r - $b->r);

        return $forward < 0 && abs(self::side($a, $b, $c)) <= self::TOUCH_MM * max($in, $out);
    }
}
