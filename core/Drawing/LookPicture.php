<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** What is looked for: a piece of wall or coat under its lamp, with what shows on it. */
final class LookPicture
{
    /** @param  string  $look  as `Mending\Look` names it */
    public static function of(string $look): string
    {
        $drawn = match ($look) {
            'raking' => self::lamp(14, 40).self::ray(22, 38, 116, 50).self::ray(22, 42, 96, 57).self::ground(58)
                .self::line('M58 50 l13 -10 M68 53 l13 -10 M78 55 l13 -10', 1.8)
                .self::line('M62 52 l13 -10 M72 55 l13 -10 M82 57 l13 -10', 0.6).self::ring(76, 48, 26, 13),
            'alcohol' => self::ground(58).self::wet(18, 78)
                .self::line('M30 50 l16 -9 M36 53 l16 -9 M46 54 l12 -7', 1.4)
                .self::line('M78 44 h28 v10 h-28 z M84 44 v-8 h16 v8', 1.3),
            'touch' => self::ground(58).self::line('M30 20 q2 22 18 26 q10 2 12 8 q-8 6 -22 3 q-16 -4 -20 -22', 1.3)
                .self::dot(72, 55).self::dot(82, 55).self::dot(95, 55).self::dot(101, 55),
            'sheen' => self::ground(58).self::line('M8 8 h26 v22 h-26 z M21 8 v22 M8 19 h26', 1.2)
                .self::ray(36, 30, 66, 56).self::ray(44, 26, 84, 56)
                .self::line('M58 52 h10 M74 52 h8 M96 52 h14', 2.2).self::ring(89, 51, 7, 5),
            'ring' => self::line('M40 20 q4 40 30 40 q26 0 30 -40', 1.6)
                .self::line('M44 20 q4 34 26 34 q22 0 26 -34', 1.0)
                .self::line('M14 34 l18 3 M108 26 q6 8 0 16 M113 22 q10 12 0 24', 1.3)
                .self::line('M62 60 l3 -5 l-4 -4 l4 -5', 1.8),
            'weight' => self::line('M10 20 q2 20 16 20 q14 0 16 -20 z', 1.5).self::line('M8 44 h36 v12 h-36 z', 1.4)
                .self::line('M20 50 h12', 2.2).self::line('M58 10 v46 h54', 1.0)
                .self::line('M60 14 q8 28 26 30 t26 2', 1.6).self::dot(60, 14).self::dot(72, 35).self::dot(88, 44)
                .self::dot(100, 45.5).self::dot(112, 46).self::ring(106, 46, 10, 5),
            default => self::line('M40 18 q4 42 30 42 q26 0 30 -42', 1.6)
                .self::line('M45 18 q4 35 25 35 q21 0 25 -35', 1.0)
                .self::lamp(70, 26).self::ray(70, 34, 52, 46).self::ray(70, 34, 88, 46).self::ring(94, 40, 6, 6),
        };

        return Svg::tag('svg', ['viewBox' => '0 0 120 64', 'class' => 'look', 'aria-hidden' => 'true'], $drawn);
    }

    private static function ground(float $y): string
    {
        return self::line("M6 $y H114", 1.4);
    }

    private static function lamp(float $x, float $y): string
    {
        return self::line(sprintf('M%1$s %2$s m-6 -4 l12 0 l-3 8 l-6 0 z', $x, $y), 1.3);
    }

    private static function ray(float $x, float $y, float $toX, float $toY): string
    {
        return Svg::tag('path', [
            'd' => "M$x $y L$toX $toY", 'stroke' => 'currentColor', 'stroke-width' => 0.7,
            'stroke-dasharray' => '3 3', 'fill' => 'none',
        ]);
    }

    private static function wet(float $from, float $to): string
    {
        return Svg::tag('path', [
            'd' => "M$from 58 Q".(($from + $to) / 2)." 34 $to 58 Z", 'fill' => 'currentColor', 'fill-opacity' => 0.12,
        ]);
    }

    private static function ring(float $x, float $y, float $rx, float $ry): string
    {
        return Svg::tag('ellipse', [
            'cx' => $x, 'cy' => $y, 'rx' => $rx, 'ry' => $ry, 'fill' => 'none', 'stroke' => 'currentColor',
            'stroke-width' => 0.9, 'stroke-dasharray' => '2 2',
        ]);
    }

    private static function dot(float $x, float $y): string
    {
        return Svg::tag('circle', ['cx' => $x, 'cy' => $y, 'r' => 2.2, 'fill' => 'currentColor']);
    }

    private static function line(string $d, float $width): string
    {
        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $width,
            'stroke-linecap' => 'round', 'stroke-linejoin' => 'round',
        ]);
    }
}
