<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Wall;

/**
 * Draws the inside of a piece so that its wall is as thick as wanted from the rim down to the floor: the line at that
 * distance from the outside, with as many nodes as it takes to follow it, and a sweep into the floor.
 *
 * @internal
 */
final readonly class EvenWall
{
    /**
     * What is tried, in walls: how far above the floor the wall begins to sweep into it (workshop), and how far apart
     * its nodes stand, since close ones are hard to take hold of. The first that keeps the wall is taken.
     */
    private const TRIES = [[0.7, 0.5], [0.7, 0.2], [0.35, 0.5], [0.35, 0.2], [0.7, 0.0], [0.17, 0.0], [0.05, 0.0]];

    /** How far the sweep reaches into the floor against its height, and the points that draw it. */
    private const SWEEP_REACH = 2.5;

    private const SWEEP_PARTS = 2;

    /** How far the inside may leave the line it follows, and how thin the wall may come out, in walls. */
    private const FOLLOWS = 0.015;

    private const THINNEST = 0.981;

    /** A turn of the line sharper than this is a corner, as a cosine. */
    private const CORNER_COSINE = 0.9;

    private const LEADS_ON_MM = 0.1;

    /** An opening or a depth smaller than this is none. */
    private const LEAST_MM = 1.5;

    private const MAX_NODES = 120;

    private function __construct(private Curve $outer, private float $wallMm, private float $floorMm)
    {
    }

    /** @throws NoRoom where the outside has no room for such a wall, saying where */
    public static function inside(Curve $outer, float $wallMm, float $floorMm): Curve
    {
        $self = new self($outer, $wallMm, $floorMm);
        $line = $self->alongTheWall();
        $thinnest = null;
        foreach (self::TRIES as [$sweep, $apart]) {
            try {
                $inside = $self->fitted($line, $sweep * $wallMm, $apart * $wallMm);
                Profile::of($outer, $inside);
            } catch (InvalidProfile) {
                continue;
            }
            $thinnest = Wall::thinnest($outer, $inside);
            if ($thinnest->minMm >= self::THINNEST * $wallMm) {
                return $inside;
            }
        }
        $at = $thinnest ?? new Point($floorMm, $self->narrowest($line), 0.0);
        throw NoRoom::at($wallMm, $at->z, $at->r);
    }

    /**
     * The points at the wall's distance from the outside, from the level of the rim down to the floor.
     *
     * @return non-empty-list<Point>
     */
    private function alongTheWall(): array
    {
        $rim = $this->outer->last();
        $tree = $this->outer->tree();
        $line = [];
        $above = null;
        foreach ($this->offsets() as [$z, $r, $from, $angle]) {
            $point = new Point($z, $r, 0.0);
            if ($z > $rim->z) {
                $above = $point;

                continue;
            }
            if ($line !== [] && $z <= $this->floorMm) {
                $last = $line[count($line) - 1];
                $t = ($last->z - $this->floorMm) / max(1e-9, $last->z - $z);
                $line[] = new Point($this->floorMm, max(0.0, $last->r + $t * ($r - $last->r)), 0.0);
                break;
            }
            if ($r < 0 || $tree->nearest($point, $this->wallMm)[0] < $this->wallMm * (1 - self::FOLLOWS / 6)) {
                continue;
            }
            if ($line === [] && $above !== null && $above->z > $z) {
                $t = ($above->z - $rim->z) / ($above->z - $z);
                $line[] = new Point($rim->z, $above->r + $t * ($r - $above->r), 0.0);
            }
            $last = $line[count($line) - 1] ?? null;
            if ($last !== null && hypot($last->z - $z, $last->r - $r) > max(2.0, $this->wallMm)) {
                throw NoRoom::at($this->wallMm, $from->z, $from->r);
            }
            // Where the side turns away, two stretches overlap by a little: only what leads on is taken.
            $ahead = $last === null ? INF : ($z - $last->z) * cos($angle) - ($r - $last->r) * sin($angle);
            if ($ahead >= self::LEADS_ON_MM) {
                $line[] = $point;
            }
        }
        $isTooShallow = $rim->z - $this->floorMm < max(self::LEAST_MM, $this->wallMm / 4);
        if (count($line) < 2 || $line[0]->z < $rim->z - 1e-6 || $line[0]->r < self::LEAST_MM || $isTooShallow) {
            throw NoRoom::at($this->wallMm, $rim->z, $rim->r);
        }

        return $line;
    }

    /**
     * Every point of the outside moved inwards, from the rim down; round a bulging corner, an arc.
     *
     * @return iterable<array{float, float, Point, float}> z, r, the point it came from and the angle it was moved at
     */
    private function offsets(): iterable
    {
        $step = max(0.25, $this->wallMm / 12);
        // The rim's own edge turns from level to square with the side.
        $before = M_PI;
        yield $this->moved($this->outer->last(), $before);
        for ($i = count($this->outer->points) - 1; $i > 0; $i--) {
            [$above, $below] = [$this->outer->points[$i], $this->outer->points[$i - 1]];
            $length = hypot($above->z - $below->z, $above->r - $below->r);
            if ($length < 1e-9) {
                continue;
            }
            $square = atan2($above->r - $below->r, -($above->z - $below->z));
            $turn = fmod($square - $before + 3 * M_PI, 2 * M_PI) - M_PI;
            for ($k = 1, $parts = (int) ceil(abs($turn) / 0.1); $k < $parts; $k++) {
                yield $this->moved($above, $before + $turn * $k / $parts);
            }
            for ($k = 0, $parts = max(1, (int) ceil($length / $step)); $k <= $parts; $k++) {
                $t = $k / $parts;
                $from = new Point(
                    $above->z + $t * ($below->z - $above->z), $above->r + $t * ($below->r - $above->r), 0.0,
                );
                yield $this->moved($from, $square);
            }
            $before = $square;
        }
    }

    /**
     * @return array{float, float, Point, float} moved by the wall; the angle is taken from outwards (+r) towards up
     *     (+z)
     */
    private function moved(Point $from, float $angle): array
    {
        return [$from->z + $this->wallMm * sin($angle), $from->r + $this->wallMm * cos($angle), $from, $angle];
    }

    /**
     * A curve with few nodes that follows the line, rounds the corner into the floor and ends on the axis.
     *
     * @param  non-empty-list<Point>  $line
     */
    private function fitted(array $line, float $sweepMm, float $apartMm): Curve
    {
        [$line, $wallTo] = $this->rounded($line, $sweepMm);
        $last = count($line) - 1;
        $at = array_fill_keys(
            [0, ...range($wallTo, $last)], true,
        ) + $this->besideNodes(array_slice($line, 0, $wallTo + 1));
        for ($i = 1; $i < $last; $i++) {
            if (self::isCorner($line[$i - 1], $line[$i], $line[$i + 1])) {
                $at[$i] = true;
            }
        }
        do {
            ksort($at);
            $curve = $this->curve($line, array_keys($at));
            $more = $this->worst(array_slice($line, 0, $wallTo + 1), array_keys($at), $curve->tree(), $apartMm);
            $at += array_fill_keys($more, true);
        } while ($more !== [] && count($at) < self::MAX_NODES);

        return $curve;
    }

    /**
     * A node beside every smooth node of the outside, where there is one.
     *
     * @param  list<Point>  $line
     * @return array<int, true>
     */
    private function besideNodes(array $line): array
    {
        $at = [];
        foreach ($this->outer->nodes as $node) {
            $best = [$this->wallMm * 1.1, null];
            foreach ($node->corner ? [] : $line as $i => $point) {
                $away = hypot($point->z - $node->z, $point->r - $node->r);
                $best = $away < $best[0] ? [$away, $i] : $best;
            }
            if ($best[1] !== null) {
                $at[$best[1]] = true;
            }
        }

        return $at;
    }

    /**
     * The line down to the sweep, then a parabola within the corner that it makes with the floor.
     *
     * @param  non-empty-list<Point>  $line
     * @return array{non-empty-list<Point>, int} and the last point that follows the wall
     */
    private function rounded(array $line, float $sweepMm): array
    {
        $corner = $line[count($line) - 1];
        if ($corner->z > $this->floorMm + 1e-6) {
            return [$line, count($line) - 1];
        }
        $kept = array_values(array_filter($line, fn (Point $p): bool => $p->z >= $this->floorMm + $sweepMm));
        $kept = count($kept) < 2 ? array_slice($line, 0, 2) : $kept;
        $from = $kept[count($kept) - 1];
        $wallTo = count($kept) - 1;
        $reach = min(0.8 * $corner->r, self::SWEEP_REACH * hypot($from->z - $corner->z, $from->r - $corner->r));
        for ($k = 1; $k <= self::SWEEP_PARTS; $k++) {
            $t = $k / self::SWEEP_PARTS;
            $kept[] = new Point(
                $this->floorMm + (1 - $t) ** 2 * ($from->z - $this->floorMm),
                (1 - $t) ** 2 * $from->r + 2 * $t * (1 - $t) * $corner->r + $t ** 2 * ($corner->r - $reach), 0.0,
            );
        }

        return [$kept, $wallTo];
    }

    /**
     * @param  list<Point>  $line
     * @param  list<int>  $at
     */
    private function curve(array $line, array $at): Curve
    {
        $nodes = [];
        foreach ($at as $i) {
            $point = $line[$i];
            $isCorner = ! isset($line[$i - 1], $line[$i + 1]) || self::isCorner($line[$i - 1], $point, $line[$i + 1]);
            $nodes[] = Node::at(round($point->z, 3), round($point->r, 3), $isCorner);
        }
        $end = $line[count($line) - 1];
        if ($end->r > 0.02) {
            $nodes[] = Node::at(round($end->z, 3), 0.0);
        }

        return Curve::through($nodes);
    }

    /**
     * Between each two nodes the point that the curve leaves furthest, where it is too far.
     *
     * @param  list<Point>  $line
     * @param  list<int>  $at
     * @return list<int>
     */
    private function worst(array $line, array $at, SegmentTree $curve, float $apartMm): array
    {
        $more = [];
        foreach (array_slice($at, 1) as $n => $to) {
            if (! isset($line[$to])) {
                break;
            }
            $worst = [self::FOLLOWS * $this->wallMm, null];
            for ($i = $at[$n] + 1; $i < $to; $i++) {
                [$away] = $curve->nearest($line[$i]);
                $worst = $away > $worst[0] && self::isApart(
                    $line[$i], $line[$at[$n]], $line[$to], $apartMm,
                ) ? [$away, $i] : $worst;
            }
            $more = $worst[1] === null ? $more : [...$more, $worst[1]];
        }

        return $more;
    }

    private static function isApart(Point $p, Point $a, Point $b, float $apartMm): bool
    {
        return min(hypot($p->z - $a->z, $p->r - $a->r), hypot($p->z - $b->z, $p->r - $b->r)) > $apartMm;
    }

    /** @param  list<Point>  $line */
    private function narrowest(array $line): float
    {
        return min([INF, ...array_map(fn (Point $p): float => $p->r + $this->wallMm, $line)]);
    }

    private static function isCorner(Point $a, Point $b, Point $c): bool
    {
        [$in, $out] = [hypot($b->z - $a->z, $b->r - $a->r), hypot($c->z - $b->z, $c->r - $b->r)];
        if ($in < 0.02 || $out < 0.02) {
            return false;
        }

        $dot = ($b->z - $a->z) * ($c->z - $b->z) + ($b->r - $a->r) * ($c->r - $b->r);

        return $dot / ($in * $out) < self::CORNER_COSINE;
    }
}
