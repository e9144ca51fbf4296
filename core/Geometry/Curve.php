<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Internal\CatmullRom;
use HonestGrain\Geometry\Internal\SegmentTree;

/**
 * A profile line: a centripetal Catmull–Rom curve through its nodes, broken at corners, as a
 * polyline whose chord error is at most 0.05 mm.
 *
 * Physics: Catmull–Rom with α = ½ (E. Catmull and R. Rom 1974; centripetal knots after C. Yuksel et al. 2011).
 */
final readonly class Curve
{
    /** How far a chord may lie from the curve, mm. */
    public const CHORD_ERROR_MM = 0.05;

    public const MAX_NODES = 200;

    /** More points than this no turned line takes: a hundred beads take some 1,600. */
    public const MAX_POINTS = 2000;

    private const MIN_SPACING_MM = 0.01;

    /**
     * @param  non-empty-list<Node>  $nodes
     * @param  non-empty-list<Point>  $points
     */
    private function __construct(public array $nodes, public array $points)
    {
    }

    /**
     * @param  list<Node>  $nodes
     *
     * @throws InvalidProfile for too few or too many nodes, two in one place, or a line too intricate to sample
     */
    public static function through(array $nodes, string $field = 'shape'): self
    {
        if (count($nodes) < 2 || count($nodes) > self::MAX_NODES) {
            throw InvalidProfile::nodeCount($field, count($nodes), self::MAX_NODES);
        }
        foreach ($nodes as $i => $node) {
            if ($i > 0 && hypot($node->z - $nodes[$i - 1]->z, $node->r - $nodes[$i - 1]->r) < self::MIN_SPACING_MM) {
                throw InvalidProfile::coincident("$field.$i");
            }
        }
        $arcMm = 0.0;
        $last = $nodes[0];
        $points = [new Point($last->z, $last->r, 0.0)];
        foreach (CatmullRom::polyline($nodes, self::MAX_POINTS, $field) as [$z, $r]) {
            $previous = $points[count($points) - 1];
            $arcMm += hypot($z - $previous->z, $r - $previous->r);
            $points[] = new Point($z, $r, $arcMm);
        }

        return new self($nodes, $points);
    }

    /**
     * Reads `[[z, r], [z, r, "corner"], …]`, mm.
     *
     * @param  list<mixed>  $nodes
     *
     * @throws InvalidProfile
     */
    public static function fromArray(array $nodes, string $field): self
    {
        if (count($nodes) > self::MAX_NODES) {
            throw InvalidProfile::nodeCount($field, count($nodes), self::MAX_NODES);
        }
        $read = [];
        foreach ($nodes as $i => $node) {
            $path = "$field.$i";
            $isNode = is_array($node)
                && array_is_list($node)
                && (count($node) === 2 || (count($node) === 3 && $node[2] === 'corner'));
            if (! $isNode || ! (is_int($node[0]) || is_float($node[0])) || ! (is_int($node[1]) || is_float($node[1]))) {
                throw InvalidProfile::node($path, $node);
            }
            $read[] = Node::at((float) $node[0], (float) $node[1], isset($node[2]), $path);
        }

        return self::through($read, $field);
    }

    /**
     * The same line with notches cut into the wood, each place of them so far in along the normal of the line.
     *
     * @param  list<array{float, float}>  $notches  arc length, rising, and depth, mm
     */
    public function notched(array $notches): self
    {
        if ($notches === []) {
            return $this;
        }
        $line = [[0.0, 0.0], ...$notches, [$this->lengthMm(), 0.0]];
        $places = [$this->first()];
        foreach ($line as $i => [$arc, $depth]) {
            if ($i === 0) {
                continue;
            }
            [$fromArc, $fromDepth] = $line[$i - 1];
            foreach ($this->points as $point) {
                if ($point->arcMm > $fromArc && $point->arcMm < $arc) {
                    $share = ($point->arcMm - $fromArc) / ($arc - $fromArc);
                    $places[] = $this->sunk($point->arcMm, $fromDepth + $share * ($depth - $fromDepth));
                }
            }
            $places[] = $this->sunk(max(0.0, min($this->lengthMm(), $arc)), $depth);
        }
        $points = [$this->first()];
        $arc = 0.0;
        foreach ($places as $place) {
            $last = $points[count($points) - 1];
            $arc += hypot($place->z - $last->z, $place->r - $last->r);
            if ($arc > $last->arcMm) {
                $points[] = new Point($place->z, $place->r, $arc);
            }
        }

        return new self($this->nodes, $points);
    }

    /** Into the wood: to the right of the way the line runs, from the foot up outside and down inside. */
    private function sunk(float $arcMm, float $depthMm): Point
    {
        $at = $this->at($arcMm);
        if ($depthMm <= 0) {
            return $at;
        }
        $step = min(0.5, $this->lengthMm() / 4);
        [$a, $b] = [$this->at(max(0.0, $arcMm - $step)), $this->at(min($this->lengthMm(), $arcMm + $step))];
        $deep = $depthMm / max(1e-9, hypot($b->z - $a->z, $b->r - $a->r));

        return new Point($at->z + ($b->r - $a->r) * $deep, max(0.0, $at->r - ($b->z - $a->z) * $deep), $arcMm);
    }

    /** @internal for distances and meetings */
    public function tree(): SegmentTree
    {
        return SegmentTree::over($this->points);
    }

    public function lengthMm(): float
    {
        return $this->points[count($this->points) - 1]->arcMm;
    }

    public function first(): Point
    {
        return $this->points[0];
    }

    public function last(): Point
    {
        return $this->points[count($this->points) - 1];
    }

    /**
     * The polyline between two arc lengths, with both ends cut exactly.
     *
     * @return non-empty-list<Point>
     */
    public function between(float $fromMm, float $toMm): array
    {
        $part = [$this->at($fromMm)];
        foreach ($this->points as $point) {
            if ($point->arcMm > $fromMm && $point->arcMm < $toMm) {
                $part[] = $point;
            }
        }
        $part[] = $this->at($toMm);

        return $part;
    }

    /** The part of it between two arc lengths; its nodes and its arc lengths stay those of the whole. */
    public function part(float $fromMm, float $toMm): self
    {
        return new self($this->nodes, $this->between($fromMm, $toMm));
    }

    /** Where it comes as far out as that for the first time from its beginning, or the last time before its end, mm. */
    public function arcAtRadius(float $radiusMm, bool $fromEnd): float
    {
        $points = $fromEnd ? array_reverse($this->points) : $this->points;
        $before = $points[0];
        foreach ($points as $point) {
            if ($point->r >= $radiusMm) {
                $rise = $point->r - $before->r;
                $share = $rise > 0 ? ($radiusMm - $before->r) / $rise : 0.0;

                return $before->arcMm + max(0.0, $share) * ($point->arcMm - $before->arcMm);
            }
            $before = $point;
        }

        return $before->arcMm;
    }

    /** Where it has turned from running outwards to running along the axis, from its beginning or its end, mm. */
    public function shoulderArc(bool $fromEnd): float
    {
        $points = $fromEnd ? array_reverse($this->points) : $this->points;
        for ($i = 1, $count = count($points); $i < $count; $i++) {
            if (abs($points[$i]->z - $points[$i - 1]->z) >= abs($points[$i]->r - $points[$i - 1]->r)) {
                return $points[$i - 1]->arcMm;
            }
        }

        return $points[0]->arcMm;
    }

    public function at(float $arcMm): Point
    {
        $previous = $this->points[0];
        foreach ($this->points as $point) {
            if ($point->arcMm >= $arcMm) {
                $span = $point->arcMm - $previous->arcMm;
                $t = $span > 0 ? ($arcMm - $previous->arcMm) / $span : 0.0;

                return new Point(
                    $previous->z + $t * ($point->z - $previous->z), $previous->r + $t * ($point->r - $previous->r),
                    $arcMm,
                );
            }
            $previous = $point;
        }

        return $this->last();
    }

    /** The least distance from the axis between two distances along it, mm. */
    public function narrowestBetween(float $fromMm, float $toMm): float
    {
        return min(array_map(fn (Point $point): float => $point->r, $this->between($fromMm, $toMm)));
    }

    /** The widest radius at a height, mm; null where the curve does not come. */
    public function radiusAtMm(float $z): ?float
    {
        $widest = null;
        $previous = $this->points[0];
        foreach ($this->points as $point) {
            if (min($previous->z, $point->z) <= $z && $z <= max($previous->z, $point->z)) {
                $span = $point->z - $previous->z;
                $here = abs($span) < 1e-12 ? max($previous->r, $point->r)
                    : $previous->r + ($z - $previous->z) / $span * ($point->r - $previous->r);
                $widest = max($widest ?? 0.0, $here);
            }
            $previous = $point;
        }

        return $widest;
    }

    /** @return list<array{float, float}|array{float, float, string}> */
    public function toArray(): array
    {
        return array_map(fn (Node $node): array => $node->toArray(), $this->nodes);
    }
}
