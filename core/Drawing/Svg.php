<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Point;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/**
 * Writes SVG elements with presentation attributes only, so that a drawing needs no style sheet and obeys any policy.
 */
final class Svg
{
    /**
     * One element; numbers are rounded to a hundredth, text attributes are escaped, null ones are left out.
     *
     * @param  array<string, string|float|int|null>  $attributes
     */
    public static function tag(string $name, array $attributes, string $within = ''): string
    {
        $written = '';
        foreach ($attributes as $attribute => $value) {
            if ($value !== null) {
                $written .= sprintf(
                    ' %s="%s"', $attribute, is_string($value) ? self::escaped($value) : self::n($value),
                );
            }
        }

        return $within === '' ? "<$name$written/>" : "<$name$written>$within</$name>";
    }

    public static function text(float $x, float $y, float $size, string $words, string $anchor = 'start'): string
    {
        return self::tag('text', [
            'x' => $x, 'y' => $y, 'font-size' => $size, 'text-anchor' => $anchor, 'fill' => 'currentColor',
        ], self::escaped($words));
    }

    /**
     * What is written into a drawing or read out in its place: a drawing may be kept, so its words are put in where it
     * is shown (Sentences::drawn).
     */
    public static function words(Said $said): string
    {
        return Sentences::inDrawing($said);
    }

    public static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1);
    }

    public static function n(float $value): string
    {
        return (string) (round($value, 2) + 0.0);
    }

    /**
     * A line along the profile, on the right (1) or the left (−1) of the axis.
     *
     * @param  list<Point>  $points
     */
    public static function path(array $points, int $side): string
    {
        $d = '';
        foreach ($points as $i => $point) {
            $d .= ($i === 0 ? 'M' : 'L').self::n($side * $point->r).' '.self::n(-$point->z);
        }

        return $d.' ';
    }
}
