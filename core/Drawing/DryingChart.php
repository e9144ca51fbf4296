<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Rack\Drying;
use HonestGrain\Rack\Weighing;
use HonestGrain\Words\Said;

/**
 * Weight over time: the weighings, the curve through them, the forecast as a hatched band between the fastest and the
 * slowest curve that agree with them, the plateau, and the day it is ready.
 */
final readonly class DryingChart
{
    private const WIDTH = 720.0;

    private const HEIGHT = 300.0;

    private const LEFT = 62.0;

    private const RIGHT = 16.0;

    private const TOP = 22.0;

    private const BOTTOM = 34.0;

    private const STEPS = 60;

    private const TEXT = 13.0;

    private const MOST_AHEAD = 2.5;

    private const DAY = 86_400;

    private int $from;

    private int $to;

    private float $low;

    private float $high;

    /**
     * @param  non-empty-list<Weighing>  $weighings
     * @param  \Closure(int): string  $date  a day in the reader's words
     * @param  \Closure(float): string  $mass  a weight in the reader's unit
     */
    public function __construct(
        private array $weighings,
        private Drying $drying,
        private int $now,
        private \Closure $date,
        private \Closure $mass,
    ) {
        $last = $weighings[count($weighings) - 1];
        $this->from = $weighings[0]->at;
        $end = max($last->at, $now, $drying->readyAt ?? 0);
        if ($drying->range !== null) {
            $end = max($end, $last->at + (int) ($drying->range->days[1] * self::DAY));
        }
        $most = $last->at + (int) (self::MOST_AHEAD * max(30 * self::DAY, $last->at - $this->from));
        $this->to = max($this->from + 7 * self::DAY, min($end + 7 * self::DAY, max($most, $drying->readyAt ?? 0)));
        $masses = array_column($weighings, 'massG');
        $low = min([...$masses, $drying->plateauG ?? min($masses)]);
        $room = max(1.0, max($masses) - $low) * 0.12;
        [$this->low, $this->high] = [$low - $room, max($masses) + $room];
    }

    public function svg(string $name): string
    {
        return Svg::tag('svg', [
            'viewBox' => sprintf('0 0 %d %d', self::WIDTH, self::HEIGHT), 'role' => 'img', 'class' => 'w-full',
            'aria-label' => Svg::words(new Said('drawing.drying-chart.label', ['name' => $name])),
        ], Svg::tag('defs', [], Hatch::pattern('ahead', 6, 0.45)).$this->axes().$this->band().$this->curve()
            .$this->plateau().$this->ready().$this->today().$this->readings());
    }

    private function x(int $at): float
    {
        return self::LEFT + ($at - $this->from) / ($this->to - $this->from)
            * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    private function y(float $mass): float
    {
        $share = ($mass - $this->low) / ($this->high - $this->low);

        return self::HEIGHT - self::BOTTOM - max(-0.02, min(1.02, $share))
            * (self::HEIGHT - self::TOP - self::BOTTOM);
    }

    private function axes(): string
    {
        $foot = self::HEIGHT - self::BOTTOM;
        $lines = Svg::tag('path', [
            'd' => sprintf('M%d %d L%1$d %d L%d %3$d', self::LEFT, self::TOP, $foot, self::WIDTH - self::RIGHT),
            'fill' => 'none', 'stroke' => 'currentColor',
        ]);
        for ($i = 0; $i <= 3; $i++) {
            $mass = $this->low + ($this->high - $this->low) * (0.1 + 0.8 * $i / 3);
            $lines .= Svg::tag('line', [
                'x1' => self::LEFT - 4, 'x2' => self::LEFT, 'y1' => $this->y($mass), 'y2' => $this->y($mass),
                'stroke' => 'currentColor',
            ]).Svg::text(self::LEFT - 8, $this->y($mass) + 4, self::TEXT, ($this->mass)($mass), 'end');
        }
        for ($i = 0; $i <= 4; $i++) {
            $at = $this->from + (int) (($this->to - $this->from) * $i / 4);
            $lines .= Svg::tag('line', [
                'x1' => $this->x($at), 'x2' => $this->x($at), 'y1' => $foot, 'y2' => $foot + 4,
                'stroke' => 'currentColor',
            ]).Svg::text(
                $this->x($at), $foot + 20, self::TEXT, ($this->date)($at),
                match ($i) {
                    0 => 'start', 4 => 'end', default => 'middle',
                },
            );
        }

        return $lines;
    }

    private function band(): string
    {
        if ($this->drying->range?->curves === null) {
            return '';
        }
        [$fast, $slow] = $this->drying->range->curves;
        $from = $this->weighings[count($this->weighings) - 1]->at;
        $points = [];
        foreach ([[$fast, range(0, self::STEPS)], [$slow, range(self::STEPS, 0)]] as [$curve, $steps]) {
            foreach ($steps as $i) {
                $at = $from + (int) (($this->to - $from) * $i / self::STEPS);
                $points[] = Svg::n($this->x($at)).' '.Svg::n($this->y($curve->massG($at)));
            }
        }

        return Svg::tag('path', ['d' => 'M'.implode(' L', $points).' Z', 'fill' => 'url(#ahead)', 'stroke' => 'none']);
    }

    private function curve(): string
    {
        $curve = $this->drying->curve;
        if ($curve === null) {
            return '';
        }
        $points = array_map(function (int $i) use ($curve): string {
            $at = $this->from + (int) (($this->to - $this->from) * $i / self::STEPS);

            return Svg::n($this->x($at)).' '.Svg::n($this->y($curve->massG($at)));
        }, range(0, self::STEPS));

        return Svg::tag('path', [
            'd' => 'M'.implode(' L', $points), 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.6,
        ]);
    }

    private function plateau(): string
    {
        $plateau = $this->drying->plateauG;

        return $plateau === null ? '' : Svg::tag('line', [
            'x1' => self::LEFT, 'x2' => self::WIDTH - self::RIGHT, 'y1' => $this->y($plateau),
            'y2' => $this->y($plateau), 'stroke' => 'currentColor', 'stroke-dasharray' => '2 4',
        ]).Svg::text(
            self::LEFT + 6, $this->y($plateau) + 15, self::TEXT, Svg::words(
                new Said('drawing.drying-chart.plateau', ['mass' => ($this->mass)($plateau)]),
            ),
        );
    }

    private function ready(): string
    {
        $at = $this->drying->readyAt;
        if ($at === null || $at < $this->from || $at > $this->to) {
            return '';
        }
        $isLate = $this->x($at) > self::WIDTH * 0.7;

        return Svg::tag('line', [
            'x1' => $this->x($at), 'x2' => $this->x($at), 'y1' => self::TOP, 'y2' => self::HEIGHT - self::BOTTOM,
            'stroke' => 'currentColor', 'stroke-width' => 2,
        ]).Svg::text(
            $this->x($at) + ($isLate ? -6 : 6), self::TOP + 10, self::TEXT, Svg::words(
                new Said('drawing.drying-chart.ready', ['date' => ($this->date)($at)]),
            ),
            $isLate ? 'end' : 'start',
        );
    }

    private function today(): string
    {
        return $this->now <= $this->from || $this->now >= $this->to ? '' : Svg::tag('line', [
            'x1' => $this->x($this->now), 'x2' => $this->x($this->now), 'y1' => self::TOP + 14,
            'y2' => self::HEIGHT - self::BOTTOM, 'stroke' => 'var(--faint)', 'stroke-dasharray' => '6 3',
        ]).Svg::tag('text', [
            'x' => $this->x($this->now), 'y' => self::TOP + 10, 'font-size' => self::TEXT, 'fill' => 'var(--faint)',
            'text-anchor' => 'middle',
        ], Svg::words(new Said('drawing.drying-chart.today')));
    }

    private function readings(): string
    {
        return implode('', array_map(fn (Weighing $one): string => Svg::tag('circle', [
            'cx' => $this->x($one->at), 'cy' => $this->y($one->massG), 'r' => 4.5, 'fill' => 'var(--paper)',
            'stroke' => 'currentColor', 'stroke-width' => 1.8,
        ], Svg::tag('title', [], Svg::escaped(
            ($this->date)($one->at).': '.($this->mass)($one->massG),
        ))), $this->weighings));
    }
}
