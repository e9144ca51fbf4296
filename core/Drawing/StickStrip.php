<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Piece\StickMark;
use HonestGrain\Piece\StoryStick;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A story stick at true size, to cut out and lay against the work: lines at their heights, the foot below. What is
 * longer than a sheet goes on in another strip.
 */
final class StickStrip
{
    private const WIDE_MM = 110.0;

    private const SHEET_MM = 230.0;

    private const LINE_MM = 26.0;

    private const WORDS_MM = 3.4;

    private const APART_MM = 4.4;

    private const EDGE_MM = 6.0;

    /** @return list<string> SVG, the foot in the first */
    public static function sheets(StoryStick $stick): array
    {
        $high = $stick->part->profile->heightMm();
        $count = max(1, (int) ceil($high / self::SHEET_MM));
        $sheets = [];
        for ($i = 0; $i < $count; $i++) {
            $from = $i * self::SHEET_MM;
            $to = min($high, $from + self::SHEET_MM);
            $sheets[] = self::sheet(array_values(array_filter(
                $stick->marks, fn (StickMark $mark): bool => $mark->heightMm >= $from - 1e-6
                    && $mark->heightMm <= $to + 1e-6,
            )), $from, $to);
        }

        return $sheets;
    }

    /** @param  list<StickMark>  $marks  from below */
    private static function sheet(array $marks, float $fromMm, float $toMm): string
    {
        $high = $toMm - $fromMm + 2 * self::EDGE_MM;
        $y = fn (float $mm): float => $toMm - $mm + self::EDGE_MM;
        $drawn = '';
        $below = INF;
        foreach ($marks as $mark) {
            $at = $y($mark->heightMm);
            // Words that would lie on those below go up a little, on a bent line.
            $words = min($at, $below - self::APART_MM);
            $below = $words;
            $drawn .= Svg::tag('path', [
                'd' => sprintf(
                    'M0 %s H%s L%s %s', Svg::n($at), Svg::n(self::LINE_MM), Svg::n(self::LINE_MM + 6), Svg::n($words),
                ), 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 0.25,
            ]).Svg::text(self::LINE_MM + 7, $words + 1.1, self::WORDS_MM, Svg::words(new Said('drawing.stick.line', [
                'height' => Quantity::mm($mark->heightMm), 'across' => Quantity::mm($mark->diameterMm),
                'what' => $mark->what,
            ])));
        }

        return Svg::tag('svg', [
            'viewBox' => sprintf('0 0 %s %s', Svg::n(self::WIDE_MM), Svg::n($high)),
            'width' => Svg::n(self::WIDE_MM).'mm', 'height' => Svg::n($high).'mm', 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.stick.label')),
        ], Svg::tag('path', [
            'd' => sprintf(
                'M0 %1$s V%2$s M%3$s %1$s V%2$s', Svg::n($y($toMm)), Svg::n($y($fromMm)), Svg::n(self::LINE_MM),
            ), 'stroke' => 'currentColor', 'stroke-width' => 0.4, 'fill' => 'none',
        ]).$drawn);
    }
}
