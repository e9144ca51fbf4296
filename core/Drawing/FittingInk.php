<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Profile;
use HonestGrain\Lathework\FittingKind;
use HonestGrain\Piece\Fitting;
use HonestGrain\Piece\HoleFrom;

/** Ferrules as they sit: over the end of a part, on the half that is seen from outside, ruled as metal is. */
final readonly class FittingInk
{
    private const RULES = 5;

    public function __construct(private Profile $profile, private float $u)
    {
    }

    /** @param  list<Fitting>  $fittings  those that go into a hole are drawn as that */
    public function all(array $fittings): string
    {
        return implode('', array_map(fn (Fitting $fitting): string => Svg::tag(
            'g', ['data-fitting' => $fitting->id], $this->tube($fitting),
        ), array_values(array_filter(
            $fittings, fn (Fitting $fitting): bool => $fitting->size->kind === FittingKind::Ferrule,
        ))));
    }

    private function tube(Fitting $fitting): string
    {
        $r = ($fitting->size->outerMm ?? $fitting->size->diameterMm) / 2;
        $long = min($fitting->size->lengthMm, $this->profile->heightMm());
        $low = min(array_map(fn ($point): float => $point->z, $this->profile->outer->points));
        $foot = $fitting->from === HoleFrom::Foot ? $low : $low + $this->profile->heightMm() - $long;
        $lines = '';
        for ($i = 1; $i < self::RULES; $i++) {
            $y = -($foot + $long * $i / self::RULES);
            $lines .= sprintf('M0 %s H%s ', Svg::n($y), Svg::n($r));
        }

        return Svg::tag('path', [
            'd' => sprintf('M0 %s H%s V%s H0 Z %s', Svg::n(-$foot), Svg::n($r), Svg::n(-$foot - $long), trim($lines)),
            'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $this->u * 0.3,
        ]);
    }
}
