<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** What is waited for is hatched, everywhere alike. */
final class Hatch
{
    public static function pattern(string $id, int $size, float $opacity): string
    {
        return Svg::tag('pattern', [
            'id' => $id, 'width' => $size, 'height' => $size, 'patternUnits' => 'userSpaceOnUse',
            'patternTransform' => 'rotate(45)',
        ], Svg::tag('line', [
            'x1' => 0, 'y1' => 0, 'x2' => 0, 'y2' => $size, 'stroke' => 'currentColor', 'stroke-opacity' => $opacity,
        ]));
    }
}
