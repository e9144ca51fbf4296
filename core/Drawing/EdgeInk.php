<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;

/**
 * A rim that is not level, seen from where side grain comes out: the near side of it runs from the middle to the right
 * edge, the far side stands behind, and the left half is cut open a quarter of a turn back.
 */
final readonly class EdgeInk
{
    /** Behind the middle, at the right edge, and at the left one, degrees. */
    private const NEAR = 0.0;

    private const RIGHT = 90.0;

    private const FAR = 180.0;

    private const LEFT = 270.0;

    public function __construct(private Profile $profile, private NaturalEdge $edge)
    {
    }

    /** The outside of the right half, below the near side of the rim. */
    public function outside(): string
    {
        return Svg::path($this->below($this->profile->outer, self::RIGHT), 1).$this->round(self::RIGHT, self::NEAR)
            .sprintf('L0 %s Z', Svg::n(-$this->profile->outer->first()->z));
    }

    /** The near side of the rim on the right half, as a line. */
    public function near(): string
    {
        return 'M'.substr($this->round(self::RIGHT, self::NEAR), 1);
    }

    /** @return non-empty-list<Point> the near side of the rim on the right half, an even way apart */
    public function nearRim(): array
    {
        return array_map(function (array $place): Point {
            $z = $this->profile->topMm() - $place[1];

            return new Point($z, $this->radiusAt($z) * sin($place[0]), 0.0);
        }, $this->edge->drawn(self::RIGHT, self::NEAR));
    }

    /** The far side of the rim, all across: where it stands higher than the near side the inside is seen under it. */
    public function far(): string
    {
        return 'M'.substr($this->round(self::RIGHT, self::LEFT), 1);
    }

    /** Under the far side of the rim on the right half, down to its lowest place: what may be seen of the inside. */
    public function within(): string
    {
        $right = $this->radiusAt($this->height(self::RIGHT));

        return 'M'.substr($this->round(self::RIGHT, self::FAR), 1).sprintf(
            'L0 %s H%s Z', Svg::n($this->edge->dropMm - $this->profile->topMm()), Svg::n($right),
        );
    }

    /** The wood of the left half, cut level where the rim is there. */
    public function cut(): string
    {
        $outer = $this->below($this->profile->outer, self::LEFT);
        $inner = $this->profile->inner;
        $within = $inner === null ? [] : $this->fromRim($inner);

        return Svg::path([...$outer, ...$within], -1);
    }

    /** How high the rim stands at an azimuth, mm over z = 0. */
    private function height(float $deg): float
    {
        return $this->profile->topMm() - $this->edge->belowAt(deg2rad($deg));
    }

    private function radiusAt(float $z): float
    {
        $outer = $this->profile->outer;

        return $outer->radiusAtMm(min($z, $outer->last()->z)) ?? $outer->last()->r;
    }

    /** Along the rim from one azimuth to another, as it is seen from the front. */
    private function round(float $fromDeg, float $toDeg): string
    {
        return implode('', array_map(function (array $place): string {
            [$azimuth, $below] = $place;
            $z = $this->profile->topMm() - $below;

            return sprintf('L%s %s', Svg::n($this->radiusAt($z) * sin($azimuth)), Svg::n(-$z));
        }, $this->edge->drawn($fromDeg, $toDeg)));
    }

    /** @return non-empty-list<Point> a curve from its beginning up to the last place that is as low as the rim there */
    private function below(Curve $curve, float $deg): array
    {
        return $curve->between(0.0, $this->arcAt($curve->points, $this->height($deg)));
    }

    /** @return non-empty-list<Point> the inside from where the rim is on the left */
    private function fromRim(Curve $inner): array
    {
        return $inner->between(
            $this->arcAt(array_reverse($inner->points), $this->height(self::LEFT)), $inner->lengthMm(),
        );
    }

    /** @param  non-empty-list<Point>  $upwards */
    private function arcAt(array $upwards, float $z): float
    {
        for ($i = count($upwards) - 1; $i > 0; $i--) {
            [$low, $high] = [$upwards[$i - 1], $upwards[$i]];
            if ($low->z <= $z) {
                $share = $high->z > $low->z ? min(1.0, ($z - $low->z) / ($high->z - $low->z)) : 1.0;

                return $low->arcMm + $share * ($high->arcMm - $low->arcMm);
            }
        }

        return $upwards[0]->arcMm;
    }
}
