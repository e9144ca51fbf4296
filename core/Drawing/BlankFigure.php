<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Rack\Blank;
use HonestGrain\Rack\Keeping;
use HonestGrain\Rack\Pith;
use HonestGrain\Words\Said;

/** A blank as it stands on the rack: right half from outside, left half cut open, with its pith, seal and tenon. */
final readonly class BlankFigure
{
    private const TENON_MM = 12.0;

    private const GROWTH_LINES = 4;

    private float $top;

    private float $radius;

    private float $u;

    /**
     * @param  Profile  $profile  its outline
     * @param  string  $rgb  of its wood
     */
    public function __construct(
        private Blank $blank,
        private Profile $profile,
        private string $rgb,
        private string $key,
    ) {
        $this->top = $this->profile->outer->last()->z;
        $this->radius = $blank->diameterMm / 2;
        $this->u = max($blank->diameterMm, $this->top * 1.35) / 100;
    }

    /** @return array{float, float} width and height of the drawing, mm */
    public function size(): array
    {
        [, , $width, $height] = $this->box();

        return [$width, $height];
    }

    /** @param  array<string, string|float|int|null>  $size  attributes that set its size, or none */
    public function svg(Said $name, array $size = []): string
    {
        $outer = $this->profile->outer;
        $half = Svg::path($outer->points, 1).sprintf('L0 %s L0 0 Z', Svg::n(-$this->top));
        $hatch = "blank-{$this->key}";

        return Svg::tag('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'viewBox' => implode(' ', array_map(Svg::n(...), $this->box())), ...$size, 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.elevation.label', ['name' => $name])),
        ], Svg::tag('defs', [], Hatch::pattern($hatch, max(1, (int) round($this->u * 2.2)), 0.5)
                .Svg::tag('clipPath', ['id' => "$hatch-half"], Svg::tag('path', ['d' => $half])))
            .Svg::tag('path', ['d' => $half, 'fill' => $this->rgb])
            .Svg::tag('g', ['clip-path' => "url(#$hatch-half)"], $this->growth())
            .Svg::tag('path', ['d' => $this->section(), 'fill' => $this->rgb])
            .Svg::tag('path', ['d' => $this->section(), 'fill' => "url(#$hatch)"] + $this->ink(0.3))
            .Svg::tag('path', ['d' => $half, 'fill' => 'none'] + $this->ink(0.3))
            .$this->foot().$this->pith().$this->seal());
    }

    /** @return array{float, float, float, float} */
    private function box(): array
    {
        $margin = $this->u * 2;
        $below = $this->blank->tenonMm === null ? 0.0 : self::TENON_MM;

        return [
            -$this->radius - $margin, -$this->top - $margin, 2 * ($this->radius + $margin),
            $this->top + $below + 2 * $margin,
        ];
    }

    /** The cut half: the wall of a rough one, all of a solid one. */
    private function section(): string
    {
        $outer = $this->profile->outer;
        $inner = $this->profile->inner;
        if ($inner === null) {
            return Svg::path($outer->points, -1).sprintf('L0 %s L0 0 Z', Svg::n(-$this->top));
        }
        $within = implode('', array_map(
            fn (Point $point): string => 'L'.Svg::n(-$point->r).' '.Svg::n(-$point->z), $inner->points,
        ));

        return Svg::path($outer->points, -1).$within.'L0 0 Z';
    }

    private function growth(): string
    {
        $lines = '';
        for ($i = 1; $i <= self::GROWTH_LINES; $i++) {
            $share = $i / (self::GROWTH_LINES + 1);
            $lines .= Svg::tag('line', $this->blank->grain === GrainDirection::Side ? [
                'x1' => 0, 'x2' => $this->radius, 'y1' => -$this->top * $share, 'y2' => -$this->top * $share,
                'stroke-opacity' => 0.4,
            ] + $this->ink(0.14) : [
                'y1' => 0, 'y2' => -$this->top, 'x1' => $this->radius * $share, 'x2' => $this->radius * $share,
                'stroke-opacity' => 0.4,
            ] + $this->ink(0.14));
        }

        return $lines;
    }

    private function foot(): string
    {
        return $this->blank->tenonMm === null ? '' : Svg::tag('rect', [
            'x' => -$this->blank->tenonMm / 2, 'y' => 0, 'width' => $this->blank->tenonMm,
            'height' => self::TENON_MM, 'fill' => $this->rgb,
        ] + $this->ink(0.3));
    }

    private function pith(): string
    {
        return $this->blank->pith === Pith::Out ? '' : Svg::tag('line', [
            'x1' => 0, 'x2' => 0, 'y1' => 0, 'y2' => -$this->top,
            'stroke-dasharray' => $this->blank->pith === Pith::Bored ? null : implode(' ', [
                Svg::n($this->u * 2), Svg::n($this->u),
            ]),
        ] + $this->ink($this->blank->pith === Pith::Bored ? 1.2 : 0.5));
    }

    /** Sealer as a heavy line: on the ends, or all round. */
    private function seal(): string
    {
        $ends = sprintf(
            'M%1$s 0 L%2$s 0 M%1$s %3$s L%2$s %3$s', Svg::n(-$this->radius), Svg::n($this->radius),
            Svg::n(-$this->top),
        );

        return match ($this->blank->keeping) {
            Keeping::EndsSealed => Svg::tag('path', ['d' => $ends, 'fill' => 'none'] + $this->ink(1.4)),
            Keeping::Waxed => Svg::tag('path', [
                'd' => Svg::path($this->profile->outer->points, 1), 'fill' => 'none',
            ] + $this->ink(1.4)),
            default => '',
        };
    }

    /** @return array<string, string|float> */
    private function ink(float $widths): array
    {
        return [
            'class' => 'edge', 'stroke' => 'currentColor', 'stroke-width' => $this->u * $widths,
            'stroke-linejoin' => 'round',
        ];
    }
}
