<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Coating\Stack;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Words\Said;

/** Coats as strata, first on the wood lowest: films to one scale of thickness, oils as a line within the wood. */
final class Strata
{
    private const WIDTH = 110;

    private const HEIGHT = 170;

    private const WOOD_Y = 120.0;

    /** How high all films together are drawn; a film and a wax are never drawn thinner than these. */
    private const FILM_HIGH = 70.0;

    private const LEAST = 6.0;

    private const WAX_HIGH = 3.0;

    /** A stack thinner than this is not drawn to fill the picture, µm. */
    private const SCALE_UM = 40.0;

    public static function svg(CoatPlan $plan, Stack $stack, string $woodRgb): string
    {
        $y = self::WOOD_Y;
        $scale = self::FILM_HIGH / max([self::SCALE_UM, ...$stack->filmUm]);
        $layers = '';
        foreach ($plan->coats as $i => $coat) {
            $coating = $coat->coating;
            if (! $coating->buildsFilm() && ! $coating->isWax()) {
                $layers .= self::within(self::WOOD_Y + 6 * ($i + 1));

                continue;
            }
            $high = $coating->isWax() ? self::WAX_HIGH : max(self::LEAST, $scale * $coating->dryUm());
            $y -= $high;
            $layers .= Svg::tag('rect', [
                'x' => 0, 'y' => $y, 'width' => self::WIDTH, 'height' => $high, 'stroke' => 'currentColor',
                'stroke-width' => 0.7, 'fill' => match (true) {
                    $coating->isWax() => '#f3ead0',
                    $coating->isShellac() => '#d9a441',
                    default => '#e8cf96',
                },
            ]);
        }

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' '.self::HEIGHT, 'class' => 'mt-3 hidden h-[170px] w-[110px] lg:block',
            'role' => 'img', 'aria-label' => Svg::words(new Said('drawing.strata.label')),
        ], self::wood($woodRgb).$layers.Svg::tag('path', [
            'd' => 'M0 '.self::WOOD_Y.'H'.self::WIDTH, 'stroke' => 'currentColor', 'stroke-width' => 1.4,
        ]));
    }

    private static function wood(string $rgb): string
    {
        return Svg::tag('rect', [
            'x' => 0, 'y' => self::WOOD_Y, 'width' => self::WIDTH, 'height' => self::HEIGHT - self::WOOD_Y,
            'fill' => $rgb,
        ]).Svg::tag('path', [
            'd' => 'M0 135Q50 128 110 137M0 152Q60 160 110 150', 'stroke' => '#3a2412', 'stroke-opacity' => 0.35,
            'fill' => 'none',
        ]);
    }

    private static function within(float $y): string
    {
        return Svg::tag('path', [
            'd' => 'M0 '.Svg::n($y).str_repeat('q5 5 10 0', 11), 'stroke' => '#8a6420', 'stroke-width' => 1.4,
            'fill' => 'none',
        ]);
    }
}
