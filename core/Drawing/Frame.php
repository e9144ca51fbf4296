<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Words\Said;

/** The part of the plane that a drawing shows, mm: x to the right of the axis, y down from z = 0. */
final readonly class Frame
{
    /** What the labels beside a piece need, as shares of the drawing's width and height: thirteen units each side. */
    private const BESIDE_WIDTH = 0.18;

    private const BESIDE_HEIGHT = 0.235;

    private const ABOVE = 0.14;

    private function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** Room for the piece, and where asked for its dimension lines. */
    public static function around(Profile $profile, bool $withDimensions): self
    {
        $z = array_map(fn (Point $p): float => $p->z, $profile->outer->points);
        $r = $profile->diameterMm() / 2;
        $height = max($z) - min($z);
        $above = max($r * 2, $height) * ($withDimensions ? self::ABOVE : 0.02);
        $beside = $withDimensions ? max($r * 2 * self::BESIDE_WIDTH, $height * self::BESIDE_HEIGHT) : $above;

        return new self(-$r - $beside, -max($z) - $above, 2 * ($r + $beside), $height + 2 * $above);
    }

    /** @param  array{float, float, float, float}  $box x, y, width, height */
    public static function of(array $box): self
    {
        return new self(...$box);
    }

    /** A hundredth of the drawing's size, to which text and lines are set. */
    public function unit(): float
    {
        return max($this->width, $this->height * 1.35) / 100;
    }

    /**
     * A drawing in this frame.
     *
     * @param  string  $name  what it is of
     * @param  array<string, string|float|int|null>  $size  attributes that set its size, or none
     */
    public function svg(string|Said $name, string $body, array $size = []): string
    {
        return Svg::tag('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'viewBox' => $this->viewBox(), ...$size, 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.elevation.label', ['name' => $name])),
            'font-family' => 'Source Sans 3, sans-serif', 'color' => '#1f1b16',
        ], $body);
    }

    /** The axis, from the top of the frame to its foot. */
    public function axis(): string
    {
        $u = $this->unit();

        return Svg::tag('line', [
            'class' => 'edge', 'x1' => 0, 'x2' => 0, 'y1' => $this->y + $u, 'y2' => $this->y + $this->height - $u,
            'stroke' => 'currentColor', 'stroke-width' => $u * 0.14,
            'stroke-dasharray' => implode(' ', array_map(Svg::n(...), [$u * 1.8, $u * 0.5, $u * 0.4, $u * 0.5])),
            'pointer-events' => 'none',
        ]);
    }

    public function viewBox(): string
    {
        return implode(
            ' ',
            array_map(
                fn (float $v): string => (string) round($v, 2), [$this->x, $this->y, $this->width, $this->height],
            ),
        );
    }
}
