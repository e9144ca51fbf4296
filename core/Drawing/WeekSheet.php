<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Words\Said;

/**
 * Many rows over the same days: under each date how full it is; hands-on solid, waits hatched, ready as a ring, what is
 * to spare until the due date as an open bar, the due date as a flag.
 */
final class WeekSheet
{
    public const WIDTH = 900.0;

    private const LEFT = 186.0;

    private const ROW = 44.0;

    private const DENSE_ROW = 25.0;

    private const DAYS_HEAD = 42.0;

    /** How high a day is drawn whose hours are all planned. */
    private const FULL = 34.0;

    private const LOADS = 50.0;

    /** From this share on a day counts as full. */
    private const IS_FULL = 0.95;

    /** Work drawn narrower cannot be seen. */
    private const LEAST = 2.2;

    /** How wide a letter of a month's name is at the most. */
    private const LETTER = 10.0;

    private string $days = '';

    private string $loads = '';

    /** @var array<int, string> by where they begin */
    private array $months = [];

    private string $rows = '';

    private float $y = self::DAYS_HEAD;

    private float $row;

    /**
     * @param  int  $from  second (UTC) at the left end
     * @param  int  $to  at the right end
     * @param  bool  $isDense  names and what is said of them on one line, for many rows
     */
    public function __construct(
        private readonly int $from,
        private readonly int $to,
        private readonly bool $isDense = false,
    ) {
        $this->row = $isDense ? self::DENSE_ROW : self::ROW;
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
            'x' => $x, 'y' => self::DAYS_HEAD - 4, 'width' => $wide, 'height' => '100%', 'fill' => 'var(--tint)',
        ]) : '')
            .Svg::tag('text', [
                'x' => $x + $wide / 2, 'y' => 34, 'font-size' => $size, 'fill' => 'var(--faint)',
                'text-anchor' => 'middle',
            ], Svg::escaped($label));
    }

    /** What the bars under the dates are; before any of them. */
    public function loads(string $label): void
    {
        $this->y = self::DAYS_HEAD + self::LOADS;
        $this->loads .= Svg::tag('text', [
            'x' => 0, 'y' => self::DAYS_HEAD + self::FULL - 6, 'font-size' => 13.5, 'fill' => 'var(--faint)',
        ], Svg::escaped($label));
    }

    /**
     * How full a day is: a frame as high as its hours, filled by those that are planned.
     *
     * @param  float  $planned  hours of hands
     * @param  float  $open  hours in which hands are here
     * @param  float  $most  the hours of the longest day
     * @param  array{href: string, says: string, chosen: bool}  $link
     */
    public function load(int $start, float $planned, float $open, float $most, array $link): void
    {
        $x = $this->x($start) + 3;
        $wide = max(3.0, $this->x($start + 86_400) - $x - 3);
        $base = self::DAYS_HEAD + self::FULL;
        $high = fn (float $hours): float => self::FULL * min(1.2, $hours / max(0.01, $most));
        $isFull = $open > 0 && $planned >= self::IS_FULL * $open;
        $this->loads .= Svg::tag('a', ['href' => $link['href'], 'aria-label' => $link['says']],
            Svg::tag('title', [], Svg::escaped($link['says']))
            .Svg::tag('rect', [
                'x' => $x - 3, 'y' => self::DAYS_HEAD - 20, 'width' => $wide + 6, 'height' => self::FULL + 24,
                'fill' => 'transparent', 'stroke' => $link['chosen'] ? 'var(--act)' : 'none', 'stroke-width' => 1.6,
            ])
            .Svg::tag('rect', [
                'x' => $x, 'y' => $base - $high($open), 'width' => $wide, 'height' => $high($open), 'fill' => 'none',
                'stroke' => 'var(--rule)',
            ])
            .Svg::tag('rect', [
                'x' => $x, 'y' => $base - $high($planned), 'width' => $wide, 'height' => $high($planned),
                'fill' => $isFull ? 'var(--warn)' : 'var(--ink)',
            ])
            .Svg::tag('line', [
                'x1' => $x, 'x2' => $x + $wide, 'y1' => $base, 'y2' => $base, 'stroke' => 'var(--ink)',
            ]));
    }

    public function add(WeekRow $row): void
    {
        $y = $this->y;
        $this->y += $this->row;
        $middle = $y + ($this->isDense ? 11 : 16);
        $tall = $this->isDense ? 16.0 : 24.0;
        $drawn = Svg::tag('line', [
            'x1' => 0, 'x2' => self::WIDTH, 'y1' => $this->y - 3, 'y2' => $this->y - 3, 'stroke' => 'var(--rule)',
            'stroke-width' => 0.6,
        ]).$this->label($row, $y);
        $drawn .= $this->bars($row->waits, $middle, $tall - 6, 'url(#w)');
        foreach ($row->levels as [$from, $to, $share]) {
            $high = $tall * $share;
            $drawn .= Svg::tag('rect', [
                'x' => $this->x($from), 'y' => $middle + $tall / 2 - $high, 'height' => $high,
                'width' => max(0.0, $this->x($to) - $this->x($from)), 'fill' => 'url(#w)',
            ]).Svg::tag('line', [
                'x1' => $this->x($from), 'x2' => $this->x($to), 'y1' => $middle + $tall / 2 - $high,
                'y2' => $middle + $tall / 2 - $high, 'stroke' => 'var(--ink)', 'stroke-width' => 1.2,
            ]);
        }
        $drawn .= $this->isDense ? $this->bars($row->hands, $middle, $tall, 'var(--ink)', self::LEAST)
            : implode('', array_map(fn (array $hand): string => $this->bars(
                [$hand], $middle, $tall, 'var(--ink)', self::LEAST,
            ), $row->hands));
        $this->rows .= $drawn.$this->spare($row, $middle, $tall).$this->ready($row, $middle)
            .$this->due($row, $y, $tall).($row->marked['chosen'] ? Svg::tag('rect', [
                'x' => 1, 'y' => $y - 4, 'width' => self::WIDTH - 2, 'height' => $this->row, 'fill' => 'none',
                'stroke' => 'var(--act)', 'stroke-width' => 2, 'pointer-events' => 'none',
            ]) : '');
    }

    public function svg(int $now): string
    {
        $high = max($this->y, self::DAYS_HEAD + self::LOADS) + 4;
        $isShown = $now > $this->from && $now < $this->to;

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH." $high", 'class' => 'week-sheet mt-3 block w-full', 'role' => 'group',
            'aria-label' => Svg::words(new Said('drawing.week-sheet.label')),
            'data-day' => Svg::n((self::WIDTH - self::LEFT) * 86_400 / max(1, $this->to - $this->from)),
        ], Svg::tag('defs', [], Hatch::pattern('w', 6, 0.45)).$this->days.$this->months().$this->loads.$this->rows
            .($isShown ? Svg::tag('path', [
                'd' => 'M'.Svg::n($this->x($now)).' '.(self::DAYS_HEAD - 6).'V'.$high, 'stroke' => 'var(--act)',
                'stroke-width' => 2,
            ]) : ''));
    }

    private function label(WeekRow $row, float $y): string
    {
        $says = Svg::escaped($row->label['says']);
        $fill = $row->marked['late'] ? 'var(--warn)' : 'var(--faint)';
        $name = Svg::tag('text', [
            'x' => 6, 'y' => $y + 15, 'font-size' => $this->isDense ? 13 : 15, 'font-weight' => 600,
            'fill' => 'var(--ink)',
        ], Svg::escaped($row->label['name']));
        $more = $this->isDense ? Svg::tag('text', [
            'x' => self::LEFT - 6, 'y' => $y + 15, 'font-size' => 11.5, 'fill' => $fill, 'text-anchor' => 'end',
        ], $says) : Svg::tag('text', ['x' => 6, 'y' => $y + 31, 'font-size' => 12.5, 'fill' => $fill], $says);

        return Svg::tag('a', ['href' => $row->label['href'], 'class' => 'no-underline'], Svg::tag('rect', [
            'x' => 0, 'y' => $y - 2, 'width' => self::LEFT - 8, 'height' => $this->row - 2, 'fill' => 'transparent',
        ]).$name.$more);
    }

    /**
     * Bars of one kind as one path; a single one says what it is.
     *
     * @param  list<array{0: int, 1: int, 2?: string}>  $stretches
     */
    private function bars(array $stretches, float $middle, float $tall, string $fill, float $least = 0.0): string
    {
        $path = $says = '';
        [$top, $down] = [Svg::n($middle - $tall / 2), Svg::n($tall)];
        foreach ($stretches as $stretch) {
            [$from, $to] = [$stretch[0], $stretch[1]];
            if ($to > $this->from && $from < $this->to) {
                $x = $this->x($from);
                $wide = Svg::n(max($least, $this->x($to) - $x));
                $path .= 'M'.Svg::n($x)." {$top}h{$wide}v{$down}h-{$wide}z";
                $says = $stretch[2] ?? '';
            }
        }

        return $path === '' ? '' : Svg::tag('path', ['d' => $path, 'fill' => $fill], $says === '' || $this->isDense
            ? '' : Svg::tag('title', [], Svg::escaped($says)));
    }

    /** What is to spare, as two dotted lines from where it is ready to where it is due. */
    private function spare(WeekRow $row, float $middle, float $tall): string
    {
        if ($row->ready === null || $row->due === null || $row->due <= $row->ready || $row->ready >= $this->to) {
            return '';
        }
        $lines = '';
        foreach ([-1, 1] as $side) {
            $y = $middle + $side * $tall / 3.6;
            $lines .= Svg::tag('line', [
                'x1' => $this->x($row->ready) + 6, 'x2' => $this->x($row->due), 'y1' => $y, 'y2' => $y,
                'stroke' => 'var(--ink)', 'stroke-width' => 1.4, 'stroke-dasharray' => '1.5 3',
            ]);
        }

        return $lines;
    }

    private function ready(WeekRow $row, float $middle): string
    {
        return $row->ready === null || $row->ready >= $this->to || $row->ready < $this->from ? '' : Svg::tag('circle', [
            'cx' => $this->x($row->ready), 'cy' => $middle, 'r' => $this->isDense ? 4.5 : 5.5, 'fill' => 'var(--paper)',
            'stroke' => 'var(--ink)', 'stroke-width' => 2,
        ]);
    }

    private function due(WeekRow $row, float $y, float $tall): string
    {
        if ($row->due === null || $row->due >= $this->to || $row->due < $this->from) {
            return '';
        }
        $x = Svg::n($this->x($row->due));
        $drawn = Svg::tag('path', [
            'd' => "M$x ".Svg::n($y - 1).'v'.Svg::n($tall + 8), 'stroke' => 'var(--warn)', 'stroke-width' => 2,
        ]).Svg::tag('path', [
            'd' => "M$x ".Svg::n($y + 4).'l-5.5 -7h11z', 'fill' => 'var(--warn)',
        ]);

        return $row->handle === null ? $drawn : Svg::tag('g', [
            'class' => 'due-handle', 'tabindex' => 0, 'role' => 'slider', 'aria-label' => $row->handle['says'],
            'aria-valuenow' => 0, 'aria-valuetext' => $row->handle['says'], 'data-piece' => $row->handle['id'],
        ], Svg::tag('title', [], Svg::escaped($row->handle['says'])).Svg::tag('rect', [
            'x' => $this->x($row->due) - 12, 'y' => $y - 4, 'width' => 24, 'height' => $tall + 14,
            'fill' => 'transparent',
        ]).$drawn);
    }

    private function months(): string
    {
        $names = '';
        foreach ($this->months as $x => $month) {
            $names .= Svg::tag('text', [
                'x' => $x, 'y' => 14, 'font-size' => 14, 'fill' => 'var(--ink)', 'font-weight' => 600,
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
