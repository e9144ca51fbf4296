<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/** The thinnest place between the two curves: how thin, and where on the outer curve, mm. */
final readonly class Wall
{
    private const EVERY_MM = 2.0;

    private function __construct(public float $minMm, public float $z, public float $r)
    {
    }

    /**
     * Physics: how thick it is along the outside above the floor, every two millimetres at the least.
     *
     * @return list<self> from the foot up
     */
    public static function along(Curve $outer, Curve $inner): array
    {
        $floor = min(array_map(fn (Point $point): float => $point->z, $inner->points));
        $tree = $inner->tree();
        $walls = [];
        $from = $outer->first();
        foreach ($outer->points as $to) {
            $steps = max(1, (int) ceil(($to->arcMm - $from->arcMm) / self::EVERY_MM));
            for ($i = 1; $i <= $steps; $i++) {
                $share = $i / $steps;
                $at = new Point(
                    $from->z + $share * ($to->z - $from->z), $from->r + $share * ($to->r - $from->r),
                    $from->arcMm + $share * ($to->arcMm - $from->arcMm),
                );
                if ($at->z > $floor) {
                    $walls[] = new self($tree->nearest($at, INF)[0], $at->z, $at->r);
                }
            }
            $from = $to;
        }

        return $walls;
    }

    /** Physics: how thick it is square to the outside, at a height; null above the mouth and below the hollow. */
    public static function at(Curve $outer, Curve $inner, float $z): ?self
    {
        $floor = min(array_map(fn (Point $point): float => $point->z, $inner->points));
        $r = $outer->radiusAtMm($z);
        if ($r === null || $z <= $floor || $z > $inner->first()->z) {
            return null;
        }

        return new self($inner->tree()->nearest(new Point($z, $r, 0.0), INF)[0], $z, $r);
    }

    /**
     * Where it departs from its usual thickness, the middle one of all, by more than a share of that.
     *
     * @return array{float, list<self>} the usual thickness, mm, and the places, from the foot up
     */
    public static function uneven(Curve $outer, Curve $inner, float $share): array
    {
        $walls = self::along($outer, $inner);
        $sorted = array_map(fn (self $wall): float => $wall->minMm, $walls);
        sort($sorted);
        $usual = $sorted[intdiv(count($sorted), 2)] ?? 0.0;

        return [$usual, array_values(array_filter(
            $walls, fn (self $wall): bool => abs($wall->minMm - $usual) > $share * $usual,
        ))];
    }

    /** Physics: the shortest distance from any sampled point of one curve to the other curve. */
    public static function thinnest(Curve $outer, Curve $inner): self
    {
        $best = new self(INF, 0.0, 0.0);
        $toInner = $inner->tree();
        foreach ($outer->points as $point) {
            [$distance] = $toInner->nearest($point, $best->minMm);
            if ($distance < $best->minMm) {
                $best = new self($distance, $point->z, $point->r);
            }
        }
        $toOuter = $outer->tree();
        foreach ($inner->points as $point) {
            [$distance, $z, $r] = $toOuter->nearest($point, $best->minMm);
            if ($distance < $best->minMm) {
                $best = new self($distance, $z, $r);
            }
        }

        return $best;
    }
}
