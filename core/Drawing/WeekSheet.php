<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Words\Said;

/** Many pieces over the same days, a row each: hands-on solid, waits hatched, ready as a dot, due as a line. */
final class WeekSheet
{
    public const WIDTH = 1200.0;

    private const LEFT = 230.0;

    private const ROW = 40.0;

    private const HEAD = 46.0;

    /** Work drawn narrower cannot be seen. */
    private const LEAST = 2.2;

    /** How wide a letter of a month's name is at the most. */
    private const LETTER = 10.0;

    private string $days = '';

    /** @var array<int, string> by where they begin */
    private array $months = [];

    private string $rows = '';

    private int $count = 0;

    /**
     * @param  int  $from  second (UTC) at the left end
     * @param  int  $to  at the right end
     */
    public function __construct(private readonly int $from, private readonly int $to)
    {
    }

    /** A day, its name, and its month where that is to be said. */
    public function day(int $start, string $label, string $month, bool $isWeekend, float $size): void
    {
        $x = $this->x($start);
        $wide = $this->x($start + 86_400) - $x;
        $last = array_key_last($this->months);
        if ($month !== '' && $last !== null && $x - $last < self::LETTER * mb_strlen($this->months[$last])) {
            // A month that is all but over says nothing beside the next.
            unset($this->months[$last]);
        }
        if ($month !== '') {
            $this->months[(int) $x] = $month;
        }
        $this->days .= ($isWeekend ? Svg::tag('rect', [
            'x' => $x, 'y' => self::HEAD - 4, 'width' => $wide, 'height' => '100%', 'fill' => 'var(--tint)',
        ]) : '')
            .Svg::tag('text', [
                'x' => $x + 3, 'y' => 34, 'font-size' => $size, 'fill' => 'var(--faint)',
            ], Svg::escaped($label));
    }

    /**
     * @param  array{name: string, href: string, says: string, late: bool}  $piece
     * @param  list<array{int, int}>  $waits
     * @param  list<array{int, int, string}>  $hands  start, end and title
     */
    public function piece(array $piece, array $waits, array $hands, ?int $ready, ?int $due): void
    {
        $y = self::HEAD + $this->count++ * self::ROW;
        $row = Svg::tag('line', [
            'x1' => 0, 'x2' => self::WIDTH, 'y1' => $y + self::ROW - 5, 'y2' => $y + self::ROW - 5,
            'stroke' => 'var(--rule)',
        ]).Svg::tag('a', ['href' => $piece['href'], 'class' => 'no-underline'], Svg::tag('text', [
            'x' => 0, 'y' => $y + 15, 'font-size' => 16, 'font-weight' => 600, 'fill' => 'currentColor',
        ], Svg::escaped($piece['name']))).Svg::tag('text', [
            'x' => 0, 'y' => $y + 30, 'font-size' => 12.5, 'fill' => $piece['late'] ? 'var(--warn)' : 'var(--faint)',
        ], Svg::escaped($piece['says']));
        foreach ($waits as [$from, $to]) {
            $row .= Svg::tag('rect', [
                'x' => $this->x($from), 'y' => $y + 6, 'width' => max(
                    0.0, $this->x($to) - $this->x($from),
                ), 'height' => 18,
                'fill' => 'url(#w)',
            ]);
        }
        foreach ($hands as [$from, $to, $title]) {
            $row .= Svg::tag('rect', [
                'x' => $this->x($from), 'y' => $y + 3, 'width' => max(self::LEAST, $this->x($to) - $this->x($from)),
                'height' => 24, 'fill' => 'currentColor',
            ], Svg::tag('title', [], Svg::escaped($title)));
        }
        $this->rows .= $row.($ready === null || $ready >= $this->to ? '' : Svg::tag('circle', [
            'cx' => $this->x($ready), 'cy' => $y + 15, 'r' => 5, 'fill' => 'var(--paper)', 'stroke' => 'currentColor',
            'stroke-width' => 2,
        ])).($due === null || $due >= $this->to ? '' : Svg::tag('path', [
            'd' => 'M'.Svg::n($this->x($due)).' '.Svg::n($y).'v30', 'stroke' => 'var(--warn)', 'stroke-width' => 2.6,
        ]));
    }

    public function svg(int $now): string
    {
        $high = self::HEAD + self::ROW * max(1, $this->count) + 8;

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH." $high", 'class' => 'mt-3 block w-full', 'role' => 'group',
            'aria-label' => Svg::words(new Said('drawing.week-sheet.label')),
        ], Svg::tag('defs', [], Hatch::pattern('w', 6, 0.45)).$this->days.$this->months().$this->rows.Svg::tag('path', [
            'd' => 'M'.Svg::n($this->x($now)).' 22V'.$high, 'stroke' => 'var(--act)', 'stroke-width' => 2,
        ]));
    }

    private function months(): string
    {
        $names = '';
        foreach ($this->months as $x => $month) {
            $names .= Svg::tag('text', [
                'x' => $x, 'y' => 14, 'font-size' => 14, 'fill' => 'currentColor', 'font-weight' => 600,
            ], Svg::escaped($month));
        }

        return $names;
    }

    private function x(int $at): float
    {
        $share = ($at - $this->from) / max(1, $this->to - $this->from);

        return self::LEFT + (self::WIDTH - self::LEFT) * max(0.0, min(1.0, $share));
    }
}
