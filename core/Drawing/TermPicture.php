<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Glossary\Sketch;

/** A small drawing of what a word means: the thing itself thick and shaded, what it belongs to thin. */
final class TermPicture
{
    /** What a term may be shown on: a bowl cut open, a headstock, a surface, the end of a log, a strip of time. */
    private const GROUNDS = [
        'bowl' => 'M14 14 C16 44 34 60 50 60 H70 C86 60 104 44 106 14 H100 C98 40 82 54 70 54 H50 C38 54 22 40 20 14 Z',
        'head' => 'M6 20 H26 V52 H6 Z M10 20 V8 H22 V20 M2 36 H6',
        'ground' => 'M8 40 H112 V62 H8 Z',
        'log' => 'M26 36 a34 34 0 1 0 68 0 a34 34 0 1 0 -68 0 M34 36 a26 26 0 1 0 52 0 a26 26 0 1 0 -52 0 '
            .'M50 36 a10 10 0 1 0 20 0 a10 10 0 1 0 -20 0',
        'time' => 'M8 48 H112 M20 45 V51 M40 45 V51 M60 45 V51 M80 45 V51 M100 45 V51',
    ];

    public static function of(Sketch $sketch): string
    {
        return Svg::tag(
            'svg', ['viewBox' => '0 0 120 72', 'class' => 'term-art', 'aria-hidden' => 'true'],
            self::shade($sketch->fill)
            .self::line($sketch->over === null ? '' : self::GROUNDS[$sketch->over], 0.9)
            .self::line($sketch->thin, 0.9).self::line($sketch->dash, 0.9, '3 3').self::line($sketch->thick, 2.4),
        );
    }

    private static function line(string $d, float $width, ?string $dashes = null): string
    {
        return $d === '' ? '' : Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $width,
            'stroke-linecap' => 'round', 'stroke-linejoin' => 'round', 'stroke-dasharray' => $dashes,
        ]);
    }

    private static function shade(string $d): string
    {
        return $d === '' ? '' : Svg::tag('path', [
            'd' => $d, 'fill' => 'currentColor', 'fill-opacity' => 0.16, 'fill-rule' => 'evenodd',
        ]);
    }
}
