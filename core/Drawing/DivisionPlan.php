<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** The rim from above, divided: a tick for every part, the first one marked, and the quarters where end grain shows. */
final readonly class DivisionPlan
{
    private const R = 100.0;

    private const RING = 0.9;

    /** What of a quarter counts as end grain: half of the turn, as for what tears. */
    private const HALF_QUARTER_DEG = 45;

    public function __construct(
        private GrainDirection $grain,
        private string $woodRgb,
        private ?Worked $worked = null,
        private float $startDeg = 0.0,
    ) {
    }

    public function drawn(): string
    {
        $r = self::R;
        $parts = $this->worked->parts ?? 0;
        $ticks = '';
        for ($i = 0; $i < $parts; $i++) {
            $ticks .= $this->tick($this->startDeg + 360 * $i / $parts, $i === 0 ? 20 : 9);
        }

        return Svg::tag('svg', [
            'viewBox' => '-150 -140 300 280', 'role' => 'img', 'class' => 'w-full max-h-[290px]',
            'font-family' => 'Source Sans 3, sans-serif', 'aria-label' => $parts === 0
                ? Svg::words(new Said('drawing.division-plan.label'))
                : Svg::words(new Said('drawing.division-plan.divided', ['parts' => Quantity::count($parts)])),
        ], $this->quarters()
            .Svg::tag('circle', [
                'r' => $r * (1 + self::RING) / 2, 'fill' => 'none', 'stroke' => $this->woodRgb,
                'stroke-width' => $r * (1 - self::RING),
            ])
            .Svg::tag('circle', ['r' => $r, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.6])
            .Svg::tag('circle', [
                'r' => $r * self::RING, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1,
            ])
            .Svg::tag('path', ['d' => $ticks, 'stroke' => 'currentColor', 'stroke-width' => 1.6, 'fill' => 'none'])
            .$this->words());
    }

    /** Azimuths run clockwise from the top, where side grain comes out as end grain. */
    private function tick(float $deg, float $long): string
    {
        [$x, $y] = [sin(deg2rad($deg)), -cos(deg2rad($deg))];

        return sprintf(
            'M%s %sL%s %s', Svg::n(self::R * $x), Svg::n(self::R * $y), Svg::n((self::R + $long) * $x),
            Svg::n((self::R + $long) * $y),
        );
    }

    private function quarters(): string
    {
        if ($this->grain === GrainDirection::End) {
            return '';
        }
        $svg = '';
        foreach ([0, 180] as $middle) {
            $lines = '';
            for ($deg = -self::HALF_QUARTER_DEG; $deg <= self::HALF_QUARTER_DEG; $deg += 5) {
                [$x, $y] = [sin(deg2rad($middle + $deg)), -cos(deg2rad($middle + $deg))];
                $lines .= sprintf(
                    'M%s %sL%s %s', Svg::n(self::R * self::RING * $x), Svg::n(self::R * self::RING * $y),
                    Svg::n(self::R * 0.74 * $x + 4), Svg::n(self::R * 0.74 * $y),
                );
            }
            $svg .= Svg::tag('path', [
                'd' => $lines, 'stroke' => 'currentColor', 'stroke-opacity' => 0.45, 'stroke-width' => 1,
            ]);
        }

        $word = Svg::words(new Said('drawing.division-plan.end-grain'));

        return $svg.Svg::text(0, -126, 13, $word, 'middle').Svg::text(0, 137, 13, $word, 'middle');
    }

    private function words(): string
    {
        if ($this->worked === null || $this->worked->parts === 0) {
            return Svg::text(0, 5, 14, Svg::words(new Said('drawing.division-plan.none')), 'middle');
        }
        $parts = $this->worked->parts;
        $how = $this->worked->plate === null ? new Said('drawing.division-plan.strip')
            : new Said('drawing.division-plan.index', [
                'plate' => Quantity::count($this->worked->plate),
                'nth' => self::nth(intdiv($this->worked->plate, $parts)),
            ]);

        return Svg::text(0, -2, 16, Svg::words(new Said('drawing.division-plan.parts', [
            'parts' => Quantity::count($parts),
        ])), 'middle').Svg::text(0, 18, 13, Svg::words($how), 'middle');
    }

    private static function nth(int $n): string
    {
        return match ($n) {
            1 => '',
            2 => '2nd',
            3 => '3rd',
            default => "{$n}th",
        };
    }
}
