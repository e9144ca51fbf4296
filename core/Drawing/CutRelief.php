<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Band;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Relief;

/** How deep a part is cut round and along its faces by flutes, flats and the like. Physics: geometry of the cuts. */
final readonly class CutRelief
{
    /** What of the turn may stand out farthest to the side, seen from the front. */
    private const SEEN = [0.13, 0.37];

    private const LOOKS = 96;

    private const ROUND = 240;

    /** Along a band a line is told so often, mm. */
    private const STEP_MM = 1.0;

    /** Where the drawing cuts the part open. */
    private const CUT_OPEN = 0.75;

    /** Less than this is not cut, mm. */
    private const LEAST_MM = 0.01;

    /** @param  list<array{Band, \Closure(float, float): float}>  $cuts */
    private function __construct(private array $cuts)
    {
    }

    public static function of(Part $part): self
    {
        $cuts = [];
        $grounds = $part->grounds;
        foreach ($part->settled() as $id => $set) {
            $mark = $part->mark($id);
            if ($mark->technique instanceof Relief) {
                $cuts[] = [$mark->band, $mark->technique->relief($set, $grounds[$id])];
            }
        }

        return new self($cuts);
    }

    /** @return list<array{Band, \Closure(float, float): float}> those that are cut at a place of a face */
    private function here(Surface $on, float $arcMm): array
    {
        return array_values(array_filter(
            $this->cuts,
            fn (array $one): bool => $one[0]->on === $on && $arcMm >= $one[0]->fromMm && $arcMm <= $one[0]->toMm,
        ));
    }

    /**
     * How deep it is cut all round at a place along a face.
     *
     * @return list<float>|null mm at so many even steps of the turn; null where nothing is cut
     */
    public function around(Surface $on, float $arcMm, int $steps): ?array
    {
        $here = $this->here($on, $arcMm);

        return $here === [] ? null : array_map(
            fn (int $step): float => self::deepest($here, $step / $steps, $arcMm), range(0, $steps - 1),
        );
    }

    /**
     * The outside as it stands against the light: at its corners and lands where they are turned to the side.
     *
     * @param  float  $longer  how many mm of this line are one of the line that bands are told along
     * @return list<Point>
     */
    public function silhouette(Curve $outer, float $longer): array
    {
        return $this->lowered($outer, $longer, function (float $arcMm, float $r): float {
            $here = $this->here(Surface::Outer, $arcMm);
            $widest = $here === [] ? $r : 0.0;
            for ($i = 0; $here !== [] && $i <= self::LOOKS; $i++) {
                $turn = self::SEEN[0] + (self::SEEN[1] - self::SEEN[0]) * $i / self::LOOKS;
                $widest = max($widest, ($r - self::deepest($here, $turn, $arcMm)) * sin(2 * M_PI * $turn));
            }

            return $r - $widest;
        });
    }

    /**
     * The outside where the drawing cuts it open.
     *
     * @return list<Point>
     */
    public function cutOpen(Curve $outer, float $longer): array
    {
        return $this->lowered($outer, $longer, fn (float $arcMm): float => self::deepest(
            $this->here(Surface::Outer, $arcMm), self::CUT_OPEN, $arcMm,
        ));
    }

    /**
     * The bottoms of the cuts, band by band.
     *
     * @return list<list<Point>>
     */
    public function bottoms(Curve $outer, float $longer): array
    {
        $lines = [];
        foreach ($this->cuts as [$band]) {
            if ($band->on === Surface::Outer) {
                $lines[] = array_map(fn (Point $point): Point => new Point(
                    $point->z, $point->r - max([0.0, ...$this->around(
                        Surface::Outer, $point->arcMm / $longer, self::ROUND,
                    ) ?? []]), $point->arcMm,
                ), self::stretch($outer, $band->fromMm * $longer, $band->toMm * $longer));
            }
        }

        return $lines;
    }

    /**
     * @param  \Closure(float, float): float  $by  mm off the radius, given mm along and the radius
     * @return list<Point>
     */
    private function lowered(Curve $outer, float $longer, \Closure $by): array
    {
        $bands = array_filter($this->cuts, fn (array $one): bool => $one[0]->on === Surface::Outer);
        if ($bands === []) {
            return $outer->points;
        }
        $points = $outer->points;
        foreach ($bands as [$band]) {
            $points = [...$points, ...self::stretch($outer, $band->fromMm * $longer, $band->toMm * $longer)];
        }
        usort($points, fn (Point $a, Point $b): int => $a->arcMm <=> $b->arcMm);

        return array_map(function (Point $point) use ($longer, $by): Point {
            $deep = $by($point->arcMm / $longer, $point->r);

            return $deep < self::LEAST_MM ? $point : new Point($point->z, max(0.0, $point->r - $deep), $point->arcMm);
        }, $points);
    }

    /** @return non-empty-list<Point> */
    private static function stretch(Curve $outer, float $fromMm, float $toMm): array
    {
        $steps = max(2, (int) ceil(($toMm - $fromMm) / self::STEP_MM));

        return array_map(
            fn (int $i): Point => $outer->at($fromMm + ($toMm - $fromMm) * $i / $steps), range(0, $steps),
        );
    }

    /** @param  list<array{Band, \Closure(float, float): float}>  $here */
    private static function deepest(array $here, float $turn, float $arcMm): float
    {
        $deep = 0.0;
        foreach ($here as [$band, $relief]) {
            $deep = max($deep, $relief($turn, $arcMm - $band->fromMm));
        }

        return $deep;
    }
}
