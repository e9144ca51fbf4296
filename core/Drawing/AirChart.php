<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Coating\RecordedClimate;
use HonestGrain\Wood\Emc;
use HonestGrain\Words\Said;

/**
 * An air by the hour: temperature, humidity and what wood settles at in it, one above the other. What was read is a
 * solid line, what is only filled in or still to come a dotted one.
 */
final readonly class AirChart
{
    private const WIDTH = 900.0;

    private const LEFT = 58.0;

    private const PANEL = 92.0;

    private const GAP = 32.0;

    private const TEXT = 13.0;

    private const HOUR = 3600;

    private const DAY = 86_400;

    /**
     * @param  int  $from  second (UTC), a midnight there
     * @param  \Closure(int): string  $day  a day in the reader's words
     * @param  \Closure(float): string  $temperature  in the reader's unit
     */
    public function __construct(
        private RecordedClimate $air,
        private int $from,
        private int $days,
        private int $now,
        private \Closure $day,
        private \Closure $temperature,
    ) {
    }

    public function svg(string $name): string
    {
        $rows = $this->rows();
        $height = 3 * (self::PANEL + self::GAP) + 26;
        $panels = '';
        foreach ([
            [0, $this->temperature], [1, fn (float $value): string => round($value).' %'],
            [2, fn (float $value): string => number_format($value, 1).' %'],
        ] as [$which, $words]) {
            $panels .= $this->panel($which, $rows, $words);
        }

        return Svg::tag('svg', [
            'viewBox' => sprintf('0 0 %d %d', self::WIDTH, $height), 'role' => 'img', 'class' => 'w-full',
            'aria-label' => Svg::words(new Said('drawing.air-chart.label', ['name' => $name])),
        ], $this->daysBelow($height).$panels);
    }

    /** @return list<array{int, bool, array{float, float, float}}> second, whether it was read, °C, % RH, EMC % */
    private function rows(): array
    {
        $rows = [];
        for ($at = $this->from; $at < $this->from + $this->days * self::DAY; $at += self::HOUR) {
            $stretch = $this->air->shownAt($at);
            $rows[] = [$at, $this->air->isRecorded($at) && $at <= $this->now, [
                $stretch->tempC, $stretch->rhPercent, Emc::at($stretch->tempC, $stretch->rhPercent)->percent,
            ]];
        }

        return $rows;
    }

    /**
     * @param  int<0, 2>  $which
     * @param  list<array{int, bool, array{float, float, float}}>  $rows
     * @param  \Closure(float): string  $words
     */
    private function panel(int $which, array $rows, \Closure $words): string
    {
        $values = array_map(fn (array $row): float => $row[2][$which], $rows);
        [$low, $high] = $values === [] ? [0.0, 1.0] : [min($values), max($values)];
        $top = 14 + $which * (self::PANEL + self::GAP);
        $y = fn (float $value): float => $top + self::PANEL
            - ($high - $low < 1e-9 ? 0.5 : ($value - $low) / ($high - $low)) * self::PANEL;
        $lines = '';
        foreach ([true, false] as $isRead) {
            $d = '';
            foreach ($rows as $i => [$at, $was, $of]) {
                if ($was !== $isRead) {
                    continue;
                }
                $isNew = $i === 0 || $rows[$i - 1][1] !== $isRead;
                $d .= ($isNew && $i > 0 ? 'M'.$this->point($rows[$i - 1][0], $y($rows[$i - 1][2][$which])).'L'
                    : ($isNew ? 'M' : 'L')).$this->point($at, $y($of[$which]));
            }
            $lines .= $d === '' ? '' : Svg::tag('path', [
                'd' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $isRead ? 1.6 : 1.2,
                'stroke-dasharray' => $isRead ? null : '2 4',
            ]);
        }

        $what = ['temperature', 'humidity', 'settles'][$which];

        return Svg::text(0, $top - 3, self::TEXT, Svg::words(new Said("drawing.air-chart.$what")))
            .Svg::text(self::LEFT - 8, $y($high) + 12, self::TEXT, $words($high), 'end')
            .Svg::text(self::LEFT - 8, $y($low), self::TEXT, $words($low), 'end').$lines;
    }

    private function daysBelow(float $height): string
    {
        $lines = '';
        for ($i = 0; $i < $this->days; $i++) {
            $at = $this->from + $i * self::DAY;
            $lines .= Svg::tag('line', [
                'x1' => $this->x($at), 'x2' => $this->x($at), 'y1' => 14, 'y2' => $height - 22,
                'stroke' => 'var(--rule)',
            ]).Svg::text($this->x($at) + 3, $height - 8, self::TEXT, ($this->day)($at));
        }

        return $lines.Svg::tag('line', [
            'x1' => $this->x($this->now), 'x2' => $this->x($this->now), 'y1' => 14, 'y2' => $height - 22,
            'stroke' => 'currentColor', 'stroke-dasharray' => '6 3',
        ]);
    }

    private function point(int $at, float $y): string
    {
        return Svg::n($this->x($at)).' '.Svg::n($y);
    }

    private function x(int $at): float
    {
        return self::LEFT + ($at - $this->from) / ($this->days * self::DAY) * (self::WIDTH - self::LEFT);
    }
}
