<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Profile;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\PartHole;

/**
 * Holes as they lie: across the outside as ellipses, foreshortened by their turn and dotted where they are behind; on
 * the axis within the section, in broken lines.
 */
final readonly class HoleInk
{
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
        $low = $this->low();
        $turn = deg2rad($place->azimuthDeg ?? 0.0);
        $radius = ($this->profile->diameterAtMm($place->heightMm ?? 0.0) ?? 0.0) / 2;

        return Svg::tag('ellipse', [
            'cx' => Svg::n($radius * abs(sin($turn))), 'cy' => Svg::n(-($low + ($place->heightMm ?? 0.0))),
            'rx' => Svg::n(max(0.15 * $hole->diameterMm, $hole->diameterMm / 2 * abs(cos($turn)))),
            'ry' => Svg::n($hole->diameterMm / 2), 'fill' => 'currentColor', 'fill-opacity' => sin($turn) < 0 ? 0 : 0.7,
            'stroke' => 'currentColor', 'stroke-width' => $this->u * 0.3,
            'stroke-dasharray' => sin($turn) < 0 ? Svg::n($this->u * 0.6) : 'none',
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
