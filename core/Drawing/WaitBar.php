<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** How much of a wait is over, as a hatched bar; the page keeps it true by its `data-bar`. */
final class WaitBar
{
    /** Seconds (UTC). */
    public static function svg(string $id, int $from, int $until, int $now): string
    {
        $share = min(1.0, max(0.0, ($now - $from) / max(1, $until - $from)));

        return Svg::tag('svg', [
            'viewBox' => '0 0 100 10', 'preserveAspectRatio' => 'none', 'class' => 'h-3.5 w-[110px]',
            'aria-hidden' => 'true',
        ], Svg::tag('defs', [], Hatch::pattern("bar-$id", 5, 1.0)).Svg::tag('rect', [
            'data-bar' => "$from $until", 'x' => 0, 'y' => 0, 'height' => 10, 'width' => 100 * $share,
            'fill' => "url(#bar-$id)",
        ]).Svg::tag('rect', [
            'x' => 0, 'y' => 0, 'width' => 100, 'height' => 10, 'fill' => 'none', 'stroke' => 'currentColor',
            'vector-effect' => 'non-scaling-stroke',
        ]));
    }
}
