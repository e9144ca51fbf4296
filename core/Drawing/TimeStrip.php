<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Words\Said;

/** The time of one piece as a strip: waits hatched, hands-on solid, what is done paler, and where now is. */
final class TimeStrip
{
    private const WIDTH = 1200.0;

    private const TOP = 6.0;

    private const HIGH = 22.0;

    /** Less than this share of the strip cannot be seen. */
    private const LEAST = 0.0055;

    private string $bars = '';

    /**
     * @param  int  $from  second (UTC) at the left end
     * @param  int  $to  at the right end, later
     */
    public function __construct(private readonly int $from, private readonly int $to)
    {
    }

    public function work(int $start, int $end, bool $isDone, string $title): void
    {
        $x = max(0.0, $this->share($start));
        $this->bars .= Svg::tag('rect', [
            'x' => $x * self::WIDTH, 'y' => self::TOP, 'height' => self::HIGH, 'fill' => 'currentColor',
            'width' => max(self::LEAST, $this->share($end) - $x) * self::WIDTH,
            'fill-opacity' => $isDone ? 0.45 : null,
        ], Svg::tag('title', [], Svg::escaped($title)));
    }

    public function svg(int $now): string
    {
        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' 46', 'class' => 'mt-2 block w-full', 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.time-strip.label')),
        ], Svg::tag('defs', [], Hatch::pattern('wait', 8, 0.4)).Svg::tag('rect', [
            'x' => 0.5, 'y' => self::TOP, 'width' => self::WIDTH - 1, 'height' => self::HIGH, 'fill' => 'url(#wait)',
            'stroke' => 'currentColor',
        ]).$this->bars.($now < $this->from || $now > $this->to ? '' : $this->now($now)));
    }

    private function now(int $now): string
    {
        $x = $this->share($now) * self::WIDTH;

        return Svg::tag('path', ['d' => 'M'.Svg::n($x).' 0V34', 'stroke' => 'var(--act)', 'stroke-width' => 3])
            .Svg::tag('text', [
                'x' => min(self::WIDTH - 35, $x + 5), 'y' => 44, 'font-size' => 13, 'fill' => 'var(--act)',
            ], Svg::words(new Said('drawing.time-strip.now')));
    }

    private function share(int $at): float
    {
        return ($at - $this->from) / max(1, $this->to - $this->from);
    }
}
