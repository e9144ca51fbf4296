<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Abrasive\Rung;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Words\Said;

/** The depth of scratch over the minutes of sanding, falling to what is asked. */
final class ScratchLine
{
    private const WIDTH = 560;

    private const HEIGHT = 150;

    private const LEFT = 40.0;

    private const BOTTOM = 132.0;

    /** Room for the last label. */
    private const RIGHT = 70.0;

    private const HEAD = 44.0;

    private readonly float $scale;

    /**
     * @param  list<Rung>  $ladder
     * @param  list<Rung>  $own  the maker's own, dashed; empty where there is none
     * @param  float  $longestMinutes  to which lines on one page share their scale
     */
    public function __construct(
        private readonly SandingJob $job,
        private readonly array $ladder,
        private readonly array $own,
        float $longestMinutes,
    ) {
        $this->scale = max(1.0, $longestMinutes);
    }

    /** @param  \Closure(float): string  $plain  words a number for the reader */
    public function svg(\Closure $plain): string
    {
        $limit = $this->y($this->job->limitUm);
        $floor = $this->job->floorUm === null ? null : $this->y($this->job->floorUm);
        $ends = $this->x($this->minutes($this->ladder));

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' '.self::HEIGHT, 'class' => 'mt-2 w-full', 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.scratch-line.label')),
        ], $this->line('M'.self::LEFT.' 14V'.self::BOTTOM.'H'.self::WIDTH, 0.8)
            .$this->across($limit, '5 4', Svg::words(new Said('drawing.scratch-line.asked', [
                'um' => $plain($this->job->limitUm),
            ])), -5)
            .($floor === null ? '' : $this->across($floor, '2 4', Svg::words(
                new Said('drawing.scratch-line.floor', ['um' => $plain($this->job->floorUm ?? 0.0)]),
            ), 13))
            .($this->own === [] ? '' : $this->line(
                $this->path($this->own), 1.6, ['stroke-dasharray' => '4 3', 'stroke-opacity' => 0.65],
            ))
            .$this->line($this->path($this->ladder), 2.2)
            .$this->labels()
            .Svg::text(4, 24, 12, $plain($this->job->deepestUm()))
            .Svg::text(4, self::BOTTOM, 12, '0 µm')
            .Svg::text(self::LEFT, self::HEIGHT - 3, 12, '0 min')
            .Svg::text($ends, self::HEIGHT - 3, 12, $plain($this->minutes($this->ladder)).' min', 'middle'));
    }

    /** @param  array<string, string|float>  $more */
    private function line(string $d, float $width, array $more = []): string
    {
        return Svg::tag(
            'path', ['d' => $d, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $width] + $more,
        );
    }

    private function across(float $y, string $dash, string $words, float $below): string
    {
        return Svg::tag('path', [
            'd' => 'M'.self::LEFT.' '.Svg::n($y).'H'
                .self::WIDTH, 'stroke' => 'var(--warn)', 'stroke-dasharray' => $dash,
        ]).Svg::tag('text', [
            'x' => self::LEFT + 6, 'y' => $y + $below, 'font-size' => 12, 'fill' => 'var(--warn)',
        ], $words);
    }

    /** @param  list<Rung>  $rungs */
    private function path(array $rungs): string
    {
        $path = sprintf('M%s %s', Svg::n($this->x(0.0)), Svg::n($this->y($this->job->deepestUm())));
        $minutes = 0.0;
        foreach ($rungs as $step) {
            $minutes += $step->minutes;
            $path .= sprintf(' L%s %s', Svg::n($this->x($minutes)), Svg::n($this->y($step->scratchUm)));
        }

        return $path;
    }

    private function labels(): string
    {
        $labels = '';
        $minutes = 0.0;
        foreach ($this->ladder as $step) {
            $minutes += $step->minutes;
            [$x, $y] = [$this->x($minutes), $this->y($step->scratchUm)];
            $labels .= Svg::tag('circle', ['cx' => $x, 'cy' => $y, 'r' => 3.4, 'fill' => 'currentColor'])
                .Svg::text($x + 5, $y - 7, 13, $step->grit->name);
        }

        return $labels;
    }

    /** @param  list<Rung>  $rungs */
    private function minutes(array $rungs): float
    {
        return array_sum(array_map(fn (Rung $rung): float => $rung->minutes, $rungs));
    }

    private function x(float $minutes): float
    {
        return self::LEFT + $minutes / $this->scale * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    /** A root scale: the last few µm decide, and would be a flat line otherwise. */
    private function y(float $um): float
    {
        return self::BOTTOM - sqrt(min(1.0, $um / $this->job->deepestUm())) * (self::HEIGHT - self::HEAD);
    }
}
