<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Coating\CoatStretch;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Coats over the hours from the first: a solid line where one goes on, its wait hatched, and below it the window in
 * which the next may go on, narrowing to its end.
 */
final class CoatStrip
{
    private const WIDTH = 900.0;

    private const TOP = 20.0;

    private const HIGH = 18.0;

    private const WINDOW_HIGH = 7.0;

    private const ROW = 11.0;

    private const TEXT = 13.0;

    private const END = 4.0;

    private const SCALE_HIGH = 24.0;

    /** Between two figures of the scale, h. */
    private const STEPS = [1, 2, 4, 6, 12, 24, 48, 96, 168, 336];

    private const MOST_STEPS = 9;

    private readonly int $from;

    private readonly int $seconds;

    /** @param  non-empty-list<CoatStretch>  $stretches  by coat */
    public function __construct(private readonly array $stretches, private readonly string $id)
    {
        $this->from = $stretches[0]->at;
        $this->seconds = max(1, $stretches[count($stretches) - 1]->nextAt - $this->from);
    }

    public function svg(): string
    {
        $below = self::TOP + self::HIGH + 6;
        $bars = '';
        foreach ($this->stretches as $i => $stretch) {
            [$x, $next] = [$this->x($stretch->at), $this->x($stretch->nextAt)];
            $bars .= Svg::tag('rect', [
                'x' => $x, 'y' => self::TOP, 'width' => max(0.5, $next - $x), 'height' => self::HIGH,
                'fill' => "url(#coats-$this->id)", 'stroke' => 'currentColor', 'stroke-width' => 0.8,
            ]).Svg::tag('rect', [
                'x' => $x, 'y' => self::TOP - 3, 'width' => 4, 'height' => self::HIGH + 6, 'fill' => 'currentColor',
            ]).Svg::text($x, self::TOP - 7, self::TEXT, (string) ($i + 1));
            $window = $this->window($stretch, $below);
            $bars .= $window;
            $below += $window === '' ? 0.0 : self::ROW;
        }

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' '.Svg::n($below + self::SCALE_HIGH),
            'class' => 'coat-strip', 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.coat-strip.label')),
        ], Svg::tag('defs', [], Hatch::pattern("coats-$this->id", 6, 0.5)).$bars.$this->scale($below));
    }

    /** Open from its beginning, closed at its end; cut off where the strip ends. */
    private function window(CoatStretch $stretch, float $y): string
    {
        if ($stretch->closesAt === null || $stretch->closesAt <= $stretch->nextAt) {
            return '';
        }
        [$opens, $closes] = [$this->x($stretch->nextAt), $this->x($stretch->closesAt)];
        $end = min(self::WIDTH - 1, $closes);
        $left = self::WINDOW_HIGH * ($closes - $end) / ($closes - $opens);

        return Svg::tag('path', [
            'd' => 'M'.Svg::n($opens).' '.Svg::n($y).'H'.Svg::n($end).'V'.Svg::n($y + $left)
                .'L'.Svg::n($opens).' '.Svg::n($y + self::WINDOW_HIGH).'Z',
            'fill' => 'none', 'stroke' => 'currentColor', 'stroke-dasharray' => '2 2',
        ]);
    }

    private function scale(float $y): string
    {
        $hours = $this->seconds / 3600;
        $step = self::STEPS[count(self::STEPS) - 1];
        foreach (self::STEPS as $each) {
            if ($hours / $each <= self::MOST_STEPS) {
                $step = $each;
                break;
            }
        }
        $marks = '';
        for ($at = 0; $at <= $hours; $at += $step) {
            $x = $this->x($this->from + 3600 * $at);
            $isLate = $x > self::WIDTH - 60;
            $marks .= Svg::tag('path', [
                'd' => 'M'.Svg::n($x).' '.Svg::n($y - 2).'v6', 'stroke' => 'currentColor', 'stroke-opacity' => 0.6,
            ]).($at === 0 || $isLate ? '' : Svg::tag('text', [
                'x' => $x, 'y' => $y + 18, 'font-size' => self::TEXT,
                'text-anchor' => 'middle', 'fill' => 'currentColor',
            ], Svg::words(new Said('drawing.coat-strip.after', ['time' => Quantity::hours((float) $at)]))));
        }

        return $marks.Svg::tag('text', [
            'x' => self::WIDTH, 'y' => self::TOP - 7, 'font-size' => self::TEXT, 'text-anchor' => 'end',
            'fill' => 'currentColor',
        ], Svg::words(new Said('drawing.coat-strip.handled')));
    }

    private function x(int $at): float
    {
        return (self::WIDTH - self::END) * ($at - $this->from) / $this->seconds;
    }
}
