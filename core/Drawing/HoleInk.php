<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\PartHole;

/**
 * Holes as they lie: across the outside as ellipses, foreshortened by their turn and dotted where they are not seen; on
 * the axis within the section, in broken lines.
 */
final readonly class HoleInk
{
    private const NEAR = 1e-9;

    public function __construct(private Profile $profile, private float $u)
    {
    }

    /** @param  list<PartHole>  $holes */
    public function all(array $holes): string
    {
        return implode('', array_map(fn (PartHole $hole): string => Svg::tag(
            'g', ['data-hole' => $hole->id], $hole->place === null ? $this->onAxis($hole) : $this->across($hole),
        ), $holes));
    }

    private function across(PartHole $hole): string
    {
        $place = $hole->place;
        $turn = deg2rad($place->azimuthDeg ?? 0.0);
        $x = abs(sin($turn)) * ($this->profile->diameterAtMm($place->heightMm ?? 0.0) ?? 0.0) / 2;
        $y = -($this->low() + ($place->heightMm ?? 0.0));
        $ry = $hole->diameterMm / 2;
        $rx = max(0.15 * $hole->diameterMm, $ry * abs(cos($turn)));
        // The quarter that is seen from outside; all else lies behind it, or where the piece is cut open.
        $isSeen = sin($turn) >= -self::NEAR && cos($turn) >= -self::NEAR;
        $half = $x < $rx ? $ry * sqrt(1 - ($x / $rx) ** 2) : null;

        return Svg::tag('path', [
            // No further than the axis, beyond which it is cut open.
            'd' => $half === null ? sprintf(
                'M%1$s %2$s a%3$s %4$s 0 1 1 %5$s 0 a%3$s %4$s 0 1 1 -%5$s 0 Z', Svg::n($x - $rx), Svg::n($y),
                Svg::n($rx), Svg::n($ry), Svg::n(2 * $rx),
            ) : sprintf(
                'M0 %s A%s %s 0 %d 1 0 %s Z', Svg::n($y - $half), Svg::n($rx), Svg::n($ry), (int) ($x > 0),
                Svg::n($y + $half),
            ),
            'fill' => 'currentColor', 'fill-opacity' => $isSeen ? 0.7 : 0, 'stroke' => 'currentColor',
            'stroke-width' => $this->u * 0.3, 'stroke-dasharray' => $isSeen ? 'none' : Svg::n($this->u * 0.6),
        ]);
    }

    private function onAxis(PartHole $hole): string
    {
        $low = $this->low();
        $high = $this->profile->heightMm();
        $start = $hole->from === HoleFrom::Foot ? 0.0 : $high - $this->profile->hollowAtMm(0.0);
        $deep = min($hole->deepMm($this->profile), $high);
        $end = $hole->from === HoleFrom::Foot ? $deep : max(0.0, $start - $deep);
        $r = $hole->diameterMm / 2;

        return Svg::tag('path', [
            'd' => sprintf(
                'M%s %s H0 M%s %s V%s H0', Svg::n(-$r), Svg::n(-($low + $start)), Svg::n(-$r), Svg::n(-($low + $start)),
                Svg::n(-($low + $end)),
            ), 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $this->u * 0.3,
            'stroke-dasharray' => Svg::n($this->u),
        ]);
    }

    private function low(): float
    {
        return min(array_map(fn ($point): float => $point->z, $this->profile->outer->points));
    }
}
