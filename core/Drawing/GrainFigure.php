<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\GrainMap;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Words\Said;

/**
 * Where a part shows end grain: its outside, seen so that an end-grain quarter is on the left and side grain on the
 * right, and its rim from above with the quarters that tear. The more end grain, the darker.
 */
final readonly class GrainFigure
{
    private const ROWS = 14;

    private const COLUMNS = 32;

    /** What is turned towards the reader: half of the columns, an end-grain quarter at their left. */
    private const FIRST_SEEN = -5;

    private const DARKEST = 0.72;

    private const SHADE = '#2a1a0c';

    private const RING = 0.62;

    /** @param  string  $woodRgb  the colour of the wood, the same in a light and in a dark shop */
    public function __construct(private Profile $profile, private GrainDirection $grain, private string $woodRgb)
    {
    }

    /** The outside. */
    public function elevation(): string
    {
        $line = Measurement::line($this->profile, Face::Outside);
        $map = GrainMap::of($line, $this->grain, self::ROWS, self::COLUMNS);
        $r = $this->profile->diameterMm() / 2;
        $high = $this->profile->heightMm();
        $margin = 0.06 * max(2 * $r, $high);
        $cells = '';
        foreach ($map->exposure as $row => $exposures) {
            [$low, $top] = [$this->edge($line, $map->points, $row), $this->edge($line, $map->points, $row + 1)];
            for ($i = 0; $i < self::COLUMNS / 2; $i++) {
                $column = (self::FIRST_SEEN + $i + self::COLUMNS) % self::COLUMNS;
                [$from, $to] = [M_PI * ($i / (self::COLUMNS / 2) - 0.5), M_PI * (($i + 1) / (self::COLUMNS / 2) - 0.5)];
                $cells .= Svg::tag('path', [
                    'd' => sprintf(
                        'M%s %sL%s %sL%s %sL%s %sZ', Svg::n($low->r * sin($from)), Svg::n(-$low->z),
                        Svg::n($low->r * sin($to)), Svg::n(-$low->z), Svg::n($top->r * sin($to)), Svg::n(-$top->z),
                        Svg::n($top->r * sin($from)), Svg::n(-$top->z),
                    ), 'fill-opacity' => self::DARKEST * $exposures[$column],
                ]);
            }
        }
        $outline = Svg::path($line, 1).Svg::path($line, -1);

        return Svg::tag('svg', [
            'viewBox' => implode(' ', array_map(Svg::n(...), [
                -$r - $margin, -$high - $margin, 2 * ($r + $margin), $high + 2 * $margin,
            ])), 'role' => 'img', 'class' => 'max-h-[150px] w-full',
            'aria-label' => Svg::words(new Said('drawing.grain.outside')),
        ], Svg::tag('path', [
            'd' => Svg::path($line, 1).'L'.substr(Svg::path(array_reverse($line), -1), 1).'Z', 'fill' => $this->woodRgb,
        ]).Svg::tag('g', ['fill' => self::SHADE, 'shape-rendering' => 'crispEdges'], $cells)
            .Svg::tag('path', [
                'd' => $outline, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $r / 70,
            ]));
    }

    /** The rim from above: how much end grain stands out of the wall below it, all round. */
    public function plan(): string
    {
        $r = 100.0;
        $cells = '';
        $upright = fn (int $column): float => $this->grain->exposureAt(1.0, 0.0, 2 * M_PI * $column / self::COLUMNS);
        for ($column = 0; $column < self::COLUMNS; $column++) {
            $cells .= Svg::tag('path', [
                'd' => $this->sector($column - 0.5, $column + 0.5, $r), 'fill' => self::SHADE,
                'fill-opacity' => self::DARKEST * $upright($column),
            ]);
        }
        $say = fn (string $code): string => Svg::words(new Said($code));
        $words = $this->grain === GrainDirection::Side ? $this->quarters($r)
            : Svg::text(0, -4, 15, $say('drawing.grain.no-end-grain'), 'middle')
                .Svg::text(0, 14, 15, $say('drawing.grain.round-the-wall'), 'middle');

        return Svg::tag('svg', [
            'viewBox' => '-172 -124 344 248', 'role' => 'img', 'class' => 'max-h-[150px] w-full',
            'aria-label' => $say("drawing.grain.rim-{$this->grain->value}"),
        ], Svg::tag('circle', [
            'r' => $r * (1 + self::RING) / 2, 'fill' => 'none', 'stroke' => $this->woodRgb,
            'stroke-width' => $r * (1 - self::RING),
        ]).$cells.Svg::tag('circle', [
            'r' => $r, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.6,
        ]).Svg::tag('circle', [
            'r' => $r * self::RING, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.2,
        ]).$words);
    }

    /** The quarters that tear, marked, and the way the grain runs. */
    private function quarters(float $r): string
    {
        $half = self::COLUMNS / 8;
        $marks = '';
        foreach ([0, self::COLUMNS / 2] as $middle) {
            foreach ([-$half, $half] as $edge) {
                $angle = 2 * M_PI * ($middle + $edge) / self::COLUMNS;
                $marks .= Svg::tag('path', ['d' => sprintf(
                    'M%s %sL%s %s', Svg::n($r * self::RING * 0.94 * cos($angle)),
                    Svg::n($r * self::RING * 0.94 * sin($angle)), Svg::n($r * 1.07 * cos($angle)),
                    Svg::n($r * 1.07 * sin($angle)),
                ), 'stroke' => 'var(--warn)', 'stroke-width' => 2]);
            }
        }

        $words = '';
        foreach (['tears', 'drinks', 'darkens'] as $i => $what) {
            $word = Svg::words(new Said("drawing.grain.$what"));
            $words .= Svg::text($r + 10, 18 * ($i - 1) + 5, 15, $word)
                .Svg::text(-$r - 10, 18 * ($i - 1) + 5, 15, $word, 'end');
        }

        return $marks.$words
            .Svg::tag('path', [
                'd' => 'M-44 0H44M36 -6L44 0L36 6M-36 -6L-44 0L-36 6', 'fill' => 'none', 'stroke' => 'currentColor',
                'stroke-width' => 1.4,
            ]).Svg::text(0, -12, 15, Svg::words(new Said('drawing.grain.along')), 'middle');
    }

    private function sector(float $from, float $to, float $r): string
    {
        $at = fn (float $column, float $radius): string => Svg::n($radius * cos(2 * M_PI * $column / self::COLUMNS))
            .' '.Svg::n($radius * sin(2 * M_PI * $column / self::COLUMNS));

        return 'M'.$at($from, $r).'L'.$at($to, $r).'L'.$at($to, $r * self::RING).'L'.$at($from, $r * self::RING).'Z';
    }

    /**
     * The edge between two rows, half-way between their middles.
     *
     * @param  list<Point>  $line
     * @param  list<Point>  $middles
     */
    private function edge(array $line, array $middles, int $row): Point
    {
        $before = $middles[$row - 1] ?? null;
        $after = $middles[$row] ?? null;

        return match (true) {
            $before === null => $line[0],
            $after === null => $line[count($line) - 1],
            default => new Point(($before->z + $after->z) / 2, ($before->r + $after->r) / 2, $after->arcMm),
        };
    }
}
