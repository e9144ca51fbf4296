<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** A small picture of what can go wrong, on a piece of a wall. */
final class FaultPicture
{
    /** @param  string  $fault  as a document names it */
    public static function of(string $fault): string
    {
        $wall = self::line('M6 34 C18 30 42 30 54 34 L54 54 L6 54 Z', 0.8);
        $drawn = match ($fault) {
            'crack' => self::line('M22 31 l3 6 l-4 5 l5 6 l-2 6', 1.8),
            'catch' => self::line('M24 31 l4 11 l8 -3 l3 -8', 1.8).self::line('M44 16 l10 -8', 1.2),
            'torn' => self::line('M14 44 l4 -7 M20 47 l4 -8 M27 45 l4 -7 M34 47 l4 -8 M41 45 l4 -7', 1.5),
            'scratches' => self::line('M12 36 h36 M10 41 h30 M16 46 h34', 1.0),
            'sanded-through' => self::line('M6 26 C18 22 30 24 30 31 M44 29 C48 27 52 26 54 26', 1.8),
            'blotch' => self::blob(20, 42, 7).self::blob(38, 45, 5).self::blob(31, 38, 3),
            'drip' => self::line('M30 30 v12 a4 5 0 1 0 0.1 0', 1.6),
            'nibs' => self::blob(16, 38, 1.4).self::blob(25, 43, 1.4).self::blob(33, 37, 1.4).self::blob(43, 44, 1.4)
                .self::line('M30 48 q5 -5 10 0', 1.0),
            'streaks' => self::line('M14 34 v18 M22 33 v20 M30 32 v21 M38 33 v20 M46 34 v18', 2.0),
            'tacky' => self::line('M20 32 q2 -10 0 -18 M30 31 q2 -10 0 -20 M40 32 q2 -10 0 -18', 1.6),
            'bloom' => self::line('M14 40 q4 -4 8 0 t8 0 t8 0 t8 0 M14 46 q4 -4 8 0 t8 0 t8 0 t8 0', 1.2),
            'lid-stuck' => self::line('M12 30 h36 M18 30 v-8 h24 v8 M28 22 v-6 h4 v6 M12 12 l4 4 M48 12 l-4 4', 1.5),
            'weeps' => self::line('M20 56 q-3 -6 0 -10 q3 4 0 10 M38 56 q-3 -6 0 -10 q3 4 0 10', 1.5),
            'metal' => self::line('M18 24 l22 22 M14 28 l8 -8', 2.2),
            'warped' => self::line('M8 26 q22 10 44 0 M8 18 q22 10 44 0', 1.6),
            'ripples' => self::line('M12 34 q3 8 6 0 t6 0 t6 0 t6 0 t6 0 t6 0', 1.4),
            'smears' => self::line('M22 31 l3 6 l-4 5 l5 6', 1.2).self::blob(29, 40, 6),
            'oval' => self::line('M30 4 a24 11 0 1 0 0.1 0 M30 15 m-12 0 a12 12 0 1 0 24 0 a12 12 0 1 0 -24 0', 1.4),
            'slipped' => self::line('M20 30 v-12 h20 v12 M12 18 h8 v8 M48 12 h-8 v8', 1.6),
            'bore-off' => self::line('M30 8 v46', 0.8).self::line('M24 30 l6 24 M36 30 l6 24', 1.6),
            'knot' => self::line('M30 34 a8 9 0 1 0 0.1 0 M30 38 a4 5 0 1 0 0.1 0', 1.5),
            default => self::line('M30 6 v18 m-5 -5 l5 5 l5 -5', 1.6).self::line('M22 32 q8 9 16 0', 1.6),
        };

        return Svg::tag('svg', ['viewBox' => '0 0 60 60', 'class' => 'fault', 'aria-hidden' => 'true'], $wall.$drawn);
    }

    private static function line(string $d, float $width): string
    {
        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $width,
            'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round',
        ]);
    }

    private static function blob(float $x, float $y, float $r): string
    {
        return Svg::tag(
            'circle', ['cx' => $x, 'cy' => $y, 'r' => $r, 'fill' => 'currentColor', 'fill-opacity' => 0.75],
        );
    }
}
