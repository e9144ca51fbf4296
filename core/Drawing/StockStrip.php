<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockLayout;
use HonestGrain\Lathework\StockPlace;
use HonestGrain\Words\Said;

/** A length of stock from the side with its parts laid out on it, to one scale; what becomes shavings is grey. */
final class StockStrip
{
    private const LONG = 520.0;

    private const MOST_HIGH = 120.0;

    private const WORDS = 15.0;

    public static function svg(Stock $stock, StockLayout $layout): string
    {
        // Parts that run off the end of it are drawn as far as they go.
        $most = max($stock->lengthMm, $layout->neededMm);
        $widest = max($stock->widthMm, ...array_map(
            fn (StockPlace $place): float => $place->part->diameterMm, $layout->places,
        ));
        $scale = min(self::LONG / $most, self::MOST_HIGH / $widest);
        [$long, $high] = [$scale * $stock->lengthMm, $scale * $stock->widthMm];
        [$right, $over] = [$scale * $most, $scale * ($widest - $stock->widthMm) / 2];
        $parts = '';
        foreach ($layout->places as $place) {
            $across = $scale * $place->part->diameterMm;
            $length = $scale * $place->part->lengthMm;
            $from = $scale * $place->fromMm;
            $parts .= Svg::tag('rect', [
                'x' => $from, 'y' => ($high - $across) / 2, 'width' => $length, 'height' => $across,
                'fill' => 'var(--paper)', 'stroke' => 'currentColor',
            ]).Svg::text($from + $length / 2, $high / 2 + 4, self::WORDS, $place->part->id, 'middle');
        }

        return Svg::tag('svg', [
            'viewBox' => sprintf(
                '-1 %s %s %s', Svg::n(-1 - $over), Svg::n($right + 2), Svg::n($high + 2 * $over + 2),
            ), 'width' => $right + 2,
            'class' => 'max-w-full', 'role' => 'img', 'aria-label' => Svg::words(new Said('drawing.stock-strip.label')),
        ], Svg::tag('rect', [
            'x' => 0, 'y' => 0, 'width' => $long, 'height' => $high, 'fill' => 'currentColor', 'fill-opacity' => 0.14,
            'stroke' => 'currentColor',
        ]).$parts);
    }
}
