<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

/**
 * How much end grain shows where on a face: a grid over its line and the turn.
 *
 * Physics: e = |n·g|; of side grain |n_r·cos θ| at azimuth θ from where the grain comes out, of end-grain work |n_z|
 * all round.
 */
final readonly class GrainMap
{
    /** The quarters where side grain comes out: half of the turn. */
    private const QUARTERS = 0.5;

    /**
     * @param  list<Point>  $points  middles of the rows, from the first point of the line to its last
     * @param  list<list<float>>  $exposure  by row and by column, 0 to 1
     */
    private function __construct(public array $points, public array $exposure)
    {
    }

    /**
     * @param  list<Point>  $line  at least two
     * @param  int  $rows  of equal arc length
     * @param  int  $columns  of equal angle; the first is centred where side grain comes out
     */
    public static function of(array $line, GrainDirection $grain, int $rows, int $columns): self
    {
        $arcs = [0.0];
        for ($i = 1; $i < count($line); $i++) {
            $arcs[] = $arcs[$i - 1] + hypot($line[$i]->z - $line[$i - 1]->z, $line[$i]->r - $line[$i - 1]->r);
        }
        $long = $arcs[count($arcs) - 1];
        $points = $exposure = [];
        $i = 1;
        for ($row = 0; $row < $rows; $row++) {
            $arc = $long * ($row + 0.5) / $rows;
            while ($i < count($line) - 1 && $arcs[$i] < $arc) {
                $i++;
            }
            [$a, $b] = [$line[$i - 1], $line[$i]];
            $t = ($arc - $arcs[$i - 1]) / max(1e-9, $arcs[$i] - $arcs[$i - 1]);
            $points[] = new Point($a->z + $t * ($b->z - $a->z), $a->r + $t * ($b->r - $a->r), $arc);
            $cells = [];
            for ($column = 0; $column < $columns; $column++) {
                $cells[] = $grain->exposureAt($b->z - $a->z, $b->r - $a->r, 2 * M_PI * $column / $columns);
            }
            $exposure[] = $cells;
        }

        return new self($points, $exposure);
    }

    /**
     * The share of a face's area that tears: where more end grain shows than this, and of side grain no more than the
     * two quarters where it comes out.
     *
     * @param  list<Point>  $line
     */
    public static function tornShare(array $line, GrainDirection $grain, float $exposure): float
    {
        $all = $above = 0.0;
        for ($i = 1; $i < count($line); $i++) {
            $dz = $line[$i]->z - $line[$i - 1]->z;
            $dr = $line[$i]->r - $line[$i - 1]->r;
            $strip = ($line[$i]->r + $line[$i - 1]->r) * hypot($dz, $dr);
            $all += $strip;
            $turn = $grain->turnAbove($dz, $dr, $exposure);
            $above += $strip * ($grain === GrainDirection::Side ? min(self::QUARTERS, $turn) : $turn);
        }

        return $all > 0 ? $above / $all : 0.0;
    }
}
