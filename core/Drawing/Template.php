<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Calibration\LayoutFigures;
use HonestGrain\Layout\CurvedBand;
use HonestGrain\Layout\FlatBand;
use HonestGrain\Layout\RowOfRepeats;
use HonestGrain\Layout\UnrolledBand;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A band laid flat at true size, to print, cut out and wrap round the piece: outline, registration marks, a centre line
 * for every repeat, the strokes, and a line to check the printer by. An SVG document of its own, in mm.
 */
final class Template
{
    private const MARGIN_MM = 8.0;

    private const CHECK_MM = 50.0;

    /** Registration crosses stand so far from the corners. */
    private const CROSS_MM = 4.0;

    /** An arc as flat as this is drawn as the line it is. */
    private const FLAT_MM = 1e6;

    /** @param  int  $repeats  centre lines */
    public static function ofBand(UnrolledBand $band, int $repeats, ?RowOfRepeats $row): string
    {
        return self::ofCone($band, $repeats, $row?->lines() ?? []);
    }

    /** @param  list<list<array{float, float}>>  $strokes */
    private static function ofCone(UnrolledBand $band, int $repeats, array $strokes): string
    {
        $corners = array_map(
            fn (array $at): array => $band->flat(...$at), [[0.0, 0.0], [0.0, 1.0], [1.0, 1.0], [1.0, 0.0]],
        );
        $middles = [];
        for ($i = 0; $i < $repeats; $i++) {
            $middles[] = [$band->flat(($i + 0.5) / $repeats, 0.0), $band->flat(($i + 0.5) / $repeats, 1.0)];
        }
        $around = $corners;
        for ($i = 0; $i <= 72; $i++) {
            $around = [...$around, $band->flat($i / 72, 0.0), $band->flat($i / 72, 1.0)];
        }

        return self::document(self::outline($band), $around, $corners, $middles, $strokes);
    }

    /**
     * A band as a piece has it: a cone where it is one within the workshop's figure, else gores.
     *
     * @param  list<list<array{float, float}>>  $runs  what is drawn on it: turn, and height from 0 to 1
     */
    public static function ofCurved(CurvedBand $band, int $parts, LayoutFigures $figures, array $runs = []): string
    {
        $flat = FlatBand::of($band, $parts, $figures->conesFitMm);
        $strokes = array_merge([], ...array_map($flat->lines(...), $runs));
        $cone = $flat->cone();

        return $cone === null ? self::ofGores($band, $parts, $strokes) : self::ofCone($cone, $parts, $strokes);
    }

    /**
     * Gores side by side, each as wide as its share of the turn at every height.
     *
     * @param  list<list<array{float, float}>>  $strokes
     */
    private static function ofGores(CurvedBand $band, int $gores, array $strokes): string
    {
        $widest = 2 * M_PI * max(array_column($band->places, 0)) / $gores;
        [$wide, $high] = [$gores * $widest, $band->heightMm()];
        $corners = [[0.0, 0.0], [0.0, -$high], [$wide, -$high], [$wide, 0.0]];
        $path = '';
        $middles = [];
        for ($i = 0; $i < $gores; $i++) {
            $middle = ($i + 0.5) * $widest;
            $edge = fn (int $side): array => array_map(
                fn (array $at): array => [$middle + $side * M_PI * $at[0] / $gores, -$at[1]], $band->places,
            );
            $path .= self::line([...$edge(1), ...array_reverse($edge(-1))]).'Z';
            $middles[] = [[$middle, 0.0], [$middle, -$high]];
        }

        return self::document($path, $corners, $corners, $middles, $strokes);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $around  points that the outline reaches
     * @param  list<array{float, float}>  $corners
     * @param  list<array{array{float, float}, array{float, float}}>  $middles
     * @param  list<list<array{float, float}>>  $strokes
     */
    private static function document(
        string $outline,
        array $around,
        array $corners,
        array $middles,
        array $strokes,
    ): string {
        $left = min(array_column($around, 0)) - self::MARGIN_MM;
        $top = min(array_column($around, 1)) - self::MARGIN_MM;
        $below = max(array_column($around, 1)) + self::MARGIN_MM;
        $wide = max(self::CHECK_MM + 2 * self::MARGIN_MM, max(array_column($around, 0)) + self::MARGIN_MM - $left);
        $high = $below + 2 * self::MARGIN_MM - $top;
        $ink = ['fill' => 'none', 'stroke' => '#000000', 'stroke-width' => '0.2'];
        $drawn = Svg::tag('path', ['id' => 'band-outline', 'd' => $outline, ...$ink]);
        foreach ($corners as [$x, $y]) {
            $drawn .= Svg::tag('path', ['class' => 'registration', 'd' => self::cross($x, $y), ...$ink]);
        }
        foreach ($middles as [$from, $to]) {
            $drawn .= Svg::tag('path', [
                'class' => 'repeat-centre', 'd' => self::line([$from, $to]), ...$ink, 'stroke' => '#808080',
                'stroke-dasharray' => '3 1.5',
            ]);
        }
        foreach ($strokes as $stroke) {
            $drawn .= Svg::tag('path', ['class' => 'stroke', 'd' => self::line($stroke), ...$ink]);
        }
        $foot = $below + self::MARGIN_MM;
        $drawn .= Svg::tag('line', [
            'id' => 'check-50mm', 'x1' => self::mm($left + self::MARGIN_MM), 'y1' => self::mm($foot),
            'x2' => self::mm($left + self::MARGIN_MM + self::CHECK_MM), 'y2' => self::mm($foot), ...$ink,
        ]).Svg::tag('text', [
            'x' => self::mm($left + self::MARGIN_MM), 'y' => self::mm($foot - 2), 'font-size' => '4',
            'font-family' => 'sans-serif',
        ], Svg::words(new Said('drawing.template.check', ['long' => Quantity::mm(self::CHECK_MM)])));

        return Svg::tag('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'version' => '1.1', 'width' => self::mm($wide).'mm',
            'height' => self::mm($high).'mm',
            'viewBox' => implode(' ', array_map(self::mm(...), [$left, $top, $wide, $high])),
        ], $drawn);
    }

    private static function outline(UnrolledBand $band): string
    {
        $turns = [0.0, 0.5, 1.0];
        $path = '';
        foreach ([[0.0, $turns], [1.0, array_reverse($turns)]] as [$height, $along]) {
            $radius = $band->isCylinder() ? INF : $band->innerMm() + ($height > 0 === $band->flaresUp
                ? $band->slantMm : 0.0);
            // Round the outside of the sector, half by half: one arc cannot go all the way round.
            $sweep = $band->flaresUp === ($height === 0.0) ? 1 : 0;
            foreach ($along as $i => $turn) {
                $at = self::at($band->flat($turn, $height));
                $path .= match (true) {
                    $path === '' => 'M'.$at,
                    $i === 0, $radius > self::FLAT_MM, $radius <= 0.0 => 'L'.$at,
                    default => sprintf('A%s %s 0 0 %d %s', self::mm($radius), self::mm($radius), $sweep, $at),
                };
            }
        }

        return $path.'Z';
    }

    private static function cross(float $x, float $y): string
    {
        return self::line([[$x - self::CROSS_MM, $y], [$x + self::CROSS_MM, $y]])
            .self::line([[$x, $y - self::CROSS_MM], [$x, $y + self::CROSS_MM]]);
    }

    /** @param  list<array{float, float}>  $points */
    private static function line(array $points): string
    {
        return 'M'.implode('L', array_map(self::at(...), $points));
    }

    /** @param  array{float, float}  $point */
    private static function at(array $point): string
    {
        return self::mm($point[0]).' '.self::mm($point[1]);
    }

    private static function mm(float $value): string
    {
        return (string) (round($value, 4) + 0.0);
    }
}
