<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** How long a wait is, as a hatched bar beside others: an hour is short, a month is long, and both can be seen. */
final class WaitLength
{
    private const HIGH = 10;

    /** What one more doubling of an hour adds, and what a bar has at most. */
    private const DOUBLING = 11.0;

    private const LONGEST = 112.0;

    public static function svg(string $id, float $hours): string
    {
        $long = self::of($hours);

        return $long <= 0 ? '' : Svg::tag('svg', [
            'viewBox' => '0 0 '.Svg::n($long).' '.self::HIGH, 'width' => $long, 'height' => self::HIGH,
            'class' => 'inline-block', 'aria-hidden' => 'true',
        ], Svg::tag('defs', [], Hatch::pattern("wait-$id", 5, 1.0)).Svg::tag('rect', [
            'x' => 0.5, 'y' => 0.5, 'width' => max(0.5, $long - 1), 'height' => self::HIGH - 1,
            'fill' => "url(#wait-$id)", 'stroke' => 'currentColor', 'stroke-width' => 0.8,
        ]));
    }

    /** In px, for the hours of a wait. */
    public static function of(float $hours): float
    {
        return round(min(self::LONGEST, self::DOUBLING * log(1 + max(0.0, $hours), 2)), 1);
    }
}
