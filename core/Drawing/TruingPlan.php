<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Rack\Truing;
use HonestGrain\Words\Said;

/**
 * A dried rough bowl from above, in mm: the oval that its rim has become, the largest true circle in it, and the piece
 * where one is drawn. The grain runs across the page, and the oval is short across the grain.
 */
final readonly class TruingPlan
{
    /**
     * @param  float  $diameterMm  as it was roughed
     * @param  float  $wallMm  as it was roughed
     * @param  float|null  $pieceMm  across the piece, where one is drawn
     */
    public function __construct(
        private Truing $truing,
        private float $diameterMm,
        private float $wallMm,
        private ?float $pieceMm = null,
    ) {
    }

    public function svg(string $name): string
    {
        $r = $this->diameterMm / 2;
        $short = 1 - $this->truing->shrinkFraction;
        $margin = $r * 0.08;
        $within = $r - $this->wallMm;
        $true = $this->truing->trueDiameterMm / 2;

        return Svg::tag('svg', [
            'viewBox' => implode(' ', array_map(Svg::n(...), [
                -$r - $margin, -$r - $margin, 2 * ($r + $margin), 2 * ($r + $margin),
            ])), 'role' => 'img', 'class' => 'max-h-[260px] w-full',
            'aria-label' => Svg::words(new Said('drawing.truing-plan.label', ['name' => $name])),
        ], Svg::tag('defs', [], Hatch::pattern('oval-wall', max(2, (int) round($r / 22)), 0.5))
            .Svg::tag('path', [
                'd' => self::oval($r, $r * $short).self::oval($within, $within * $short), 'fill-rule' => 'evenodd',
                'fill' => 'url(#oval-wall)',
            ] + self::ink($r, 1.0))
            .Svg::tag('circle', [
                'cx' => 0, 'cy' => 0, 'r' => max(0.0, $true), 'fill' => 'none',
                'stroke-dasharray' => Svg::n($r / 18).' '.Svg::n($r / 30),
            ] + self::ink($r, 1.6))
            .($this->pieceMm === null ? '' : Svg::tag('circle', [
                'cx' => 0, 'cy' => 0, 'r' => $this->pieceMm / 2, 'fill' => 'none',
            ] + self::ink($r, 0.8))));
    }

    private static function oval(float $long, float $short): string
    {
        return sprintf(
            'M%1$s 0 A%2$s %3$s 0 1 0 %4$s 0 A%2$s %3$s 0 1 0 %1$s 0 Z', Svg::n(-$long), Svg::n($long), Svg::n($short),
            Svg::n($long),
        );
    }

    /** @return array<string, string|float> */
    private static function ink(float $r, float $widths): array
    {
        return ['stroke' => 'currentColor', 'stroke-width' => $r / 90 * $widths];
    }
}
