<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Geometry\Exception\InvalidOutline;
use HonestGrain\Geometry\Exception\InvalidProfile;

/**
 * The outside of a piece from a picture of its half profile: points in any unit, x to the right and y down, the line
 * through which it turns, and one length that is known.
 */
final readonly class TracedOutline
{
    /** Fewer are no curve; more are no picture of one. */
    public const POINTS = [3, 2000];

    /** Nodes lie no farther from the points than this share of the widest. */
    private const NEAR = 0.004;

    /** A bend of more than this between nodes is meant as an edge, degrees. */
    private const EDGE_DEG = 50.0;

    /** What comes this close to the axis, as a share of the widest, is on it. */
    private const ON_AXIS = 0.02;

    /** A flat end reaches out by this share of the widest at the least, and is level to this share of its reach. */
    private const LEAST_FLAT = 0.1;

    private const LEVEL = 0.03;

    private const MOST_NODES = 60;

    private const MOST = 1e6;

    /** @param  non-empty-list<array{float, float}>  $points  up and out, from the foot on, the lowest at 0 */
    private function __construct(private array $points)
    {
    }

    /**
     * @param  string  $points  as "120,40 131,52 …": x and y of each
     *
     * @throws InvalidOutline for what is no list of pairs of numbers, and as `of` does
     */
    public static function read(string $points, float $axis): self
    {
        $numbers = preg_split('/[\s,;]+/', trim($points), -1, PREG_SPLIT_NO_EMPTY);
        $read = [];
        foreach ($numbers === false ? [] : $numbers as $number) {
            $value = is_numeric($number) ? (float) $number : INF;
            if (abs($value) > self::MOST) {
                throw InvalidOutline::number($number);
            }
            $read[] = $value;
        }
        if (count($read) % 2 !== 0) {
            throw InvalidOutline::odd(count($read));
        }

        $points = [];
        for ($i = 0; $i < count($read); $i += 2) {
            $points[] = [$read[$i], $read[$i + 1]];
        }

        return self::of($points, $axis);
    }

    /**
     * @param  list<array{float, float}>  $points  x and y, from foot to rim or from rim to foot
     * @param  float  $axis  x of the line through which it turns
     *
     * @throws InvalidOutline for fewer or more points than that, and for what has no width or no height
     */
    public static function of(array $points, float $axis): self
    {
        $count = count($points);
        if ($count < self::POINTS[0] || $count > self::POINTS[1]) {
            throw InvalidOutline::points($count);
        }
        if ($points[0][1] < $points[$count - 1][1]) {
            $points = array_reverse($points);
        }
        $lowest = max(array_column($points, 1));
        $laid = array_map(fn (array $xy): array => [$lowest - $xy[1], abs($xy[0] - $axis)], $points);
        $outline = new self($laid);
        if ($outline->widest() <= 0.0 || $outline->highest() <= 0.0) {
            throw InvalidOutline::flat();
        }

        return $outline;
    }

    /**
     * The outside where its widest is so many mm across.
     *
     * @throws InvalidProfile where the points make no outside, by its nodes
     */
    public function across(float $diameterMm): Curve
    {
        return $this->scaled($diameterMm / 2 / $this->widest());
    }

    /**
     * The same where it is so many mm high.
     *
     * @throws InvalidProfile
     */
    public function high(float $heightMm): Curve
    {
        return $this->scaled($heightMm / $this->highest());
    }

    private function widest(): float
    {
        return max(array_column($this->points, 1));
    }

    private function highest(): float
    {
        return max(array_column($this->points, 0));
    }

    private function scaled(float $mmPerUnit): Curve
    {
        $near = self::NEAR * $this->widest();
        $kept = $this->thinned(0, count($this->points) - 1, $near);
        while (count($kept) > self::MOST_NODES) {
            $near *= 1.5;
            $kept = $this->thinned(0, count($this->points) - 1, $near);
        }
        $onAxis = self::ON_AXIS * $this->widest();
        $kept = $this->withoutFlats($kept, $onAxis);
        $nodes = [];
        foreach ($kept as $i => $at) {
            [$up, $out] = $this->points[$at];
            $isEnd = $i === 0 || $i === count($kept) - 1;
            $nodes[] = Node::at(
                round($up * $mmPerUnit, 2), $isEnd && $out <= $onAxis ? 0.0 : round($out * $mmPerUnit, 2),
                ! $isEnd && $this->bendDeg($kept[$i - 1], $at, $kept[$i + 1]) > self::EDGE_DEG
                    || $isEnd && $out > $onAxis,
            );
        }

        return Curve::through($nodes);
    }

    /**
     * A flat foot or top that was drawn in from the axis closes itself: the outside begins at its edge.
     *
     * @param  non-empty-list<int>  $kept
     * @return non-empty-list<int>
     */
    private function withoutFlats(array $kept, float $onAxis): array
    {
        $isFlat = function (int $end, int $next) use ($onAxis): bool {
            [$rise, $run] = [abs($this->points[$next][0] - $this->points[$end][0]), $this->points[$next][1]];

            return $this->points[$end][1] <= $onAxis && $run >= self::LEAST_FLAT * $this->widest()
                && $rise <= self::LEVEL * $run;
        };
        if (count($kept) > 2 && $isFlat($kept[0], $kept[1])) {
            array_shift($kept);
        }
        if (count($kept) > 2 && $isFlat($kept[count($kept) - 1], $kept[count($kept) - 2])) {
            array_pop($kept);
        }

        return $kept;
    }

    /**
     * Douglas and Peucker: of a stretch the ends, and what lies farthest off the line between them if that is too far.
     *
     * @return non-empty-list<int>
     */
    private function thinned(int $from, int $to, float $near): array
    {
        $kept = [];
        $open = [[$from, $to]];
        while ($open !== []) {
            [$a, $b] = array_pop($open);
            $kept[$a] = $kept[$b] = true;
            [$far, $most] = [null, $near];
            for ($i = $a + 1; $i < $b; $i++) {
                $off = $this->offLine($this->points[$i], $this->points[$a], $this->points[$b]);
                if ($off > $most) {
                    [$far, $most] = [$i, $off];
                }
            }
            if ($far !== null) {
                $open[] = [$a, $far];
                $open[] = [$far, $b];
            }
        }
        ksort($kept);

        return array_keys($kept);
    }

    /**
     * @param  array{float, float}  $point
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function offLine(array $point, array $from, array $to): float
    {
        [$up, $out] = [$to[0] - $from[0], $to[1] - $from[1]];
        $long = hypot($up, $out);
        if ($long <= 0.0) {
            return hypot($point[0] - $from[0], $point[1] - $from[1]);
        }

        return abs($up * ($from[1] - $point[1]) - ($from[0] - $point[0]) * $out) / $long;
    }

    private function bendDeg(int $before, int $at, int $after): float
    {
        [$a, $b, $c] = [$this->points[$before], $this->points[$at], $this->points[$after]];
        $turn = atan2($c[1] - $b[1], $c[0] - $b[0]) - atan2($b[1] - $a[1], $b[0] - $a[0]);

        return rad2deg(abs(atan2(sin($turn), cos($turn))));
    }
}
