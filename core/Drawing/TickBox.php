<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** A box to tick on paper. */
final class TickBox
{
    public static function svg(bool $isTicked, string $label): string
    {
        return Svg::tag('svg', [
            'viewBox' => '0 0 20 20', 'class' => 'h-5 w-5', 'role' => 'img', 'aria-label' => $label,
        ], Svg::tag('rect', [
            'x' => 1, 'y' => 1, 'width' => 18, 'height' => 18, 'fill' => 'none', 'stroke' => 'currentColor',
            'stroke-width' => 1.6,
        ]).($isTicked ? Svg::tag('path', [
            'd' => 'M4 10l4 5 8-11', 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 2.4,
        ]) : ''));
    }
}
