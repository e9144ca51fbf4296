<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Internal;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Exception\InvalidProfile;
use HonestGrain\Geometry\Node;

/**
 * A stretch of an inside cut deeper into the wood: fully over its middle half, running out to both ends.
 *
 * @internal
 */
final readonly class DeeperStretch
{
    /** Where its nodes stand, as shares of the stretch. */
    private const AT = [0.0, 0.125, 0.25, 0.5, 0.75, 0.875, 1.0];

    /** How much of the stretch a run-out takes at each end. */
    private const RUN_OUT = 0.25;

    private function __construct(private Curve $inner, private float $highMm, private float $lowMm)
    {
    }

    /** @throws InvalidProfile where the inside does not come between these heights */
    public static function of(Curve $inner, float $fromMm, float $toMm): self
    {
        $low = max(min($fromMm, $toMm), $inner->last()->z);
        $high = min(max($fromMm, $toMm), $inner->first()->z);
        if ($high - $low < 1.0) {
            throw InvalidProfile::noStretch('deepen.to', $inner->last()->z, $inner->first()->z);
        }

        return new self($inner, $high, $low);
    }

    /** @param  float  $byMm  into the wood; below nothing, out of it */
    public function by(float $byMm): Curve
    {
        $before = $after = [];
        foreach ($this->inner->nodes as $node) {
            if ($after === [] && $node->z >= $this->highMm) {
                $before[] = $node;
            } elseif ($after !== [] || $node->z <= $this->lowMm) {
                $after[] = $node;
            }
        }
        [$start, $end] = [self::arcAt($this->inner, $this->highMm), self::arcAt($this->inner, $this->lowMm)];

        return Curve::through(self::apart([
            ...$before, ...array_map(fn (float $share): Node => self::moved(
                $this->inner, $start + $share * ($end - $start), $byMm * self::full($share),
                isEnd: in_array($share, [0.0, 1.0], true),
            ), self::AT), ...$after,
        ]), 'inner');
    }

    /** How much of the depth is cut at a share of the stretch: it begins and ends without a step. */
    private static function full(float $share): float
    {
        $in = min(1.0, min($share, 1.0 - $share) / self::RUN_OUT);

        return $in * $in * (3 - 2 * $in);
    }

    private static function moved(Curve $inner, float $arcMm, float $byMm, bool $isEnd): Node
    {
        $near = 0.5;
        [$a, $b] = [$inner->at(max(0.0, $arcMm - $near)), $inner->at(min($inner->lengthMm(), $arcMm + $near))];
        $long = max(1e-9, hypot($b->z - $a->z, $b->r - $a->r));
        $at = $inner->at($arcMm);

        return Node::at(
            $at->z + $byMm * ($b->r - $a->r) / $long, max(0.0, $at->r - $byMm * ($b->z - $a->z) / $long),
            // What lies beyond it keeps its line.
            $isEnd,
        );
    }

    /** How far along it comes down to a height for the first time, mm. */
    private static function arcAt(Curve $inner, float $z): float
    {
        $before = $inner->first();
        foreach ($inner->points as $point) {
            if ($point->z <= $z) {
                $fall = $before->z - $point->z;
                $share = $fall > 0 ? ($before->z - $z) / $fall : 0.0;

                return $before->arcMm + $share * ($point->arcMm - $before->arcMm);
            }
            $before = $point;
        }

        return $inner->lengthMm();
    }

    /**
     * Without those that stand on the one before.
     *
     * @param  list<Node>  $nodes
     * @return list<Node>
     */
    private static function apart(array $nodes): array
    {
        $apart = [];
        foreach ($nodes as $node) {
            $last = $apart[count($apart) - 1] ?? null;
            if ($last === null || hypot($node->z - $last->z, $node->r - $last->r) > 0.05) {
                $apart[] = $node;
            }
        }

        return $apart;
    }
}
