<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;

/** How near two stretches of a part's surface are: along it, and through its wall. Geometry of the drawn profile. */
final readonly class Nearness
{
    private float $outerMm;

    private float $rimMm;

    public function __construct(private Profile $profile)
    {
        $this->outerMm = $profile->outer->lengthMm();
        $this->rimMm = Measurement::rim($profile)?->lengthMm() ?? 0.0;
    }

    /** Whether two stretches are near along the surface, or lie on two faces of a thin wall. */
    public function isBeside(Stretch $one, Stretch $other, float $alongMm, float $throughMm): bool
    {
        return $this->alongMm($one, $other) <= $alongMm || $this->wallMm($one, $other) < $throughMm;
    }

    /** From the end of the one to the beginning of the other along foot, outside, rim and inside; 0 where they meet. */
    public function alongMm(Stretch $one, Stretch $other): float
    {
        [$from, $to] = $this->onLine($one);
        [$theirFrom, $theirTo] = $this->onLine($other);

        return max(0.0, $theirFrom - $to, $from - $theirTo);
    }

    /** The thinnest wood between one that lies outside and one that lies inside, mm; INF where they do not. */
    private function wallMm(Stretch $one, Stretch $other): float
    {
        $faces = [$one->on, $other->on];
        $isThrough = in_array(Surface::Inner, $faces, true) && in_array(Surface::Outer, $faces, true);
        [$from, $to] = [$this->curve($one), $this->curve($other)];
        if (! $isThrough || $from === null || $to === null) {
            return INF;
        }
        $tree = $to->tree();
        $least = INF;
        foreach ($from->between(0.0, $from->lengthMm()) as $point) {
            $least = min($least, $tree->nearest($point)[0]);
        }

        return $least;
    }

    private function curve(Stretch $stretch): ?Curve
    {
        $curve = $stretch->on->curve($this->profile);
        $to = min($stretch->toMm, $curve?->lengthMm() ?? 0.0);

        return $curve === null || $to - $stretch->fromMm < 0.05 ? null : $curve->part($stretch->fromMm, $to);
    }

    /** @return array{float, float} where it lies on the line from the middle of the foot to the middle of the floor */
    private function onLine(Stretch $stretch): array
    {
        return match ($stretch->on) {
            Surface::Foot => [-$stretch->toMm, -$stretch->fromMm],
            Surface::Outer => [$stretch->fromMm, $stretch->toMm],
            Surface::Rim, Surface::Top => [$this->outerMm + $stretch->fromMm, $this->outerMm + $stretch->toMm],
            Surface::Inner => [
                $this->outerMm + $this->rimMm + $stretch->fromMm, $this->outerMm + $this->rimMm + $stretch->toMm,
            ],
        };
    }
}
