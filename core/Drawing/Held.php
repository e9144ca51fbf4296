<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Mount;
use HonestGrain\Words\Said;

/**
 * A part small, as it sits while something is done to it: along the lathe's axis with the headstock on the left, or
 * upright on its points or in the lap.
 */
final readonly class Held
{
    private const WIDTH = 132.0;

    private const HEIGHT = 92.0;

    private function __construct(private Profile $profile, private Mount $mount, private bool $footOutwards)
    {
    }

    /** @param  bool  $footOutwards  whether it is turned round, its foot towards the tailstock */
    public static function of(Profile $profile, Mount $mount, bool $footOutwards): string
    {
        return (new self($profile, $mount, $footOutwards))->svg();
    }

    private function svg(): string
    {
        $drawn = $this->mount->spins() ? $this->onLathe() : $this->upright();

        return Svg::tag('svg', [
            'viewBox' => sprintf('0 0 %d %d', self::WIDTH, self::HEIGHT), 'class' => 'held', 'role' => 'img',
            'aria-label' => Svg::words(Said::upper($this->mount->label())),
        ], $drawn);
    }

    private function onLathe(): string
    {
        $axis = self::HEIGHT / 2;
        $scale = min(74.0 / $this->long(), 66.0 / (2 * $this->radius()));
        $left = 34.0;
        $right = $left + $this->long() * $scale;
        $part = '';
        foreach ([-1, 1] as $side) {
            $line = [];
            foreach ($this->profile->outer->points as $point) {
                $along = ($point->z - $this->low()) * $scale;
                $x = $this->footOutwards ? $right - $along : $left + $along;
                $line[] = sprintf('%s %s', Svg::n($x), Svg::n($axis + $side * $point->r * $scale));
            }
            $part .= ($side === -1 ? 'M' : 'L').implode('L', $side === -1 ? $line : array_reverse($line));
        }
        $grip = max(7.0, min(20.0, $this->grippedRadius() * $scale));

        return Svg::tag('path', [
            'd' => sprintf('M0 %s H%d', Svg::n($axis), self::WIDTH), 'stroke' => 'currentColor', 'stroke-width' => 0.6,
            'stroke-dasharray' => '6 2 1 2', 'opacity' => 0.6,
        ]).Svg::tag('path', [
            'd' => $part.'Z', 'fill' => 'currentColor', 'fill-opacity' => 0.09, 'stroke' => 'currentColor',
            'stroke-width' => 1.4, 'stroke-linejoin' => 'round',
        ]).$this->hold($axis, $left, $right, $grip);
    }

    private function hold(float $axis, float $left, float $right, float $grip): string
    {
        $spindle = self::box(0.0, $axis - 5, $left - 20, 10);
        $plate = self::box($left - 20, $axis - 19, 6, 38);
        $tail = self::line(sprintf(
            'M%s %s L%s %s L%s %s Z', Svg::n($right + 1), Svg::n($axis), Svg::n($right + 15), Svg::n($axis - 6),
            Svg::n($right + 15), Svg::n($axis + 6),
        ));

        return match ($this->mount) {
            Mount::Tenon => $spindle.$plate.self::box($left - 8, $axis - $grip / 2, 8, $grip)
                .self::box($left - 14, $axis - $grip / 2 - 9, 14, 8).self::box(
                    $left - 14, $axis + $grip / 2 + 1, 14, 8,
                ),
            Mount::Recess => $spindle.$plate.self::box($left - 14, $axis - $grip / 2 - 3, 17, 6)
                .self::box($left - 14, $axis + $grip / 2 - 3, 17, 6),
            Mount::BetweenCentres, Mount::Mandrel => $spindle.self::line(sprintf(
                'M%s %s l-13 -6 v12 Z', Svg::n($left), Svg::n($axis),
            )).$tail,
            Mount::Screw => $spindle.$plate.self::line(sprintf(
                'M%s %s h6 l2 -3 l2 6 l2 -6 l2 6 l2 -3', Svg::n($left - 14), Svg::n($axis),
            )),
            Mount::WideJaws => $spindle.self::box($left - 12, 8, 5, self::HEIGHT - 16)
                .self::box($left - 7, $axis - $this->edge() - 8, 10, 7).self::box(
                    $left - 7, $axis + $this->edge() + 1, 10, 7,
                ),
            Mount::Jam, Mount::JamPartner, Mount::Vacuum => $spindle.self::box($left - 14, $axis - 13, 12, 26).$tail,
            default => $spindle.$plate.self::box($left - 14, $axis - $grip, 14, 2 * $grip),
        };
    }

    private function upright(): string
    {
        $scale = min(96.0 / (2 * $this->radius()), 62.0 / $this->long());
        $middle = self::WIDTH / 2;
        $base = self::HEIGHT - 16;
        $left = $right = [];
        foreach ($this->profile->outer->points as $point) {
            $up = ($point->z - $this->low()) * $scale;
            $y = Svg::n($this->footOutwards ? $base - $this->long() * $scale + $up : $base - $up);
            $left[] = Svg::n($middle - $point->r * $scale)." $y";
            $right[] = Svg::n($middle + $point->r * $scale)." $y";
        }
        $stand = $this->mount === Mount::Points
            ? implode('', array_map(fn (float $x): string => self::line(sprintf(
                'M%s %s l-4 9 h8 Z', Svg::n($x), Svg::n($base),
            )), [$middle - 12, $middle, $middle + 12]))
            : self::line(sprintf('M%s %s h70', Svg::n($middle - 35), Svg::n($base + 1)));

        return Svg::tag('path', [
            'd' => 'M'.implode('L', $left).'L'.implode('L', array_reverse($right)).'Z', 'fill' => 'currentColor',
            'fill-opacity' => 0.09, 'stroke' => 'currentColor', 'stroke-width' => 1.4, 'stroke-linejoin' => 'round',
        ]).$stand;
    }

    private function low(): float
    {
        return min(array_map(fn ($point): float => $point->z, $this->profile->outer->points));
    }

    private function long(): float
    {
        return max(1.0, $this->profile->heightMm());
    }

    private function radius(): float
    {
        return max(1.0, $this->profile->diameterMm() / 2);
    }

    private function grippedRadius(): float
    {
        return $this->profile->outer->first()->r;
    }

    /** Half of what the end that points at the headstock measures on the drawing. */
    private function edge(): float
    {
        $scale = min(74.0 / $this->long(), 66.0 / (2 * $this->radius()));

        return ($this->footOutwards ? $this->profile->outer->last()->r : $this->profile->outer->first()->r) * $scale;
    }

    private static function box(float $x, float $y, float $width, float $height): string
    {
        return Svg::tag('rect', [
            'x' => $x, 'y' => $y, 'width' => max(0.0, $width), 'height' => $height, 'fill' => 'none',
            'stroke' => 'currentColor', 'stroke-width' => 1.1,
        ]);
    }

    private static function line(string $d): string
    {
        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.1,
            'stroke-linejoin' => 'round',
        ]);
    }
}
