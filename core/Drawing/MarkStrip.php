<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Layout\CurvedBand;
use HonestGrain\Layout\UnrolledBand;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Ink;
use HonestGrain\Words\Said;

/**
 * The band of a mark laid flat on a page, in the colours and with the lines that it will have, with its repeats and
 * where end grain comes out. A band that bends is shown as the cone through its edges; its template is exact.
 */
final readonly class MarkStrip
{
    /** Colours are told at so many places round. */
    private const COLUMNS = 48;

    private const ROWS = 6;

    /** Where streaks of late wood run, as shares of the band; no tree is like another. */
    private const STREAKS = [0.12, 0.27, 0.39, 0.55, 0.68, 0.86];

    private const THIN = 0.045;

    private const CLOSE = [0.4, 0.6];

    /** A little more than is shown. */
    private const AROUND = [0.36, 0.64];

    private UnrolledBand $band;

    /** @var non-empty-list<Point> */
    private array $line;

    private bool $rises;

    private float $longMm;

    private function __construct(private Part $part, private Mark $mark)
    {
        $this->line = Measurement::strip($part->profile, $mark->band);
        $this->rises = $this->line[0]->z <= $this->line[count($this->line) - 1]->z;
        $this->longMm = $this->line[count($this->line) - 1]->arcMm - $this->line[0]->arcMm;
        $this->band = CurvedBand::along($this->line)->nearestCone();
    }

    public static function of(Part $part, Mark $mark): string
    {
        return (new self($part, $mark))->drawn();
    }

    private function drawn(): string
    {
        // Of a band that is long and thin a part is shown, so that it can be read.
        $isThin = $this->isThin();
        [$first, $last] = $isThin ? self::CLOSE : [0.0, 1.0];
        $edge = [$this->at($first, 0.0)];
        for ($i = 0; $i <= 72; $i++) {
            $turn = $first + $i / 72 * ($last - $first);
            $edge = [...$edge, $this->at($turn, 0.0), $this->at($turn, $this->longMm)];
        }
        [$left, $right] = [min(array_column($edge, 0)), max(array_column($edge, 0))];
        [$top, $below] = [min(array_column($edge, 1)), max(array_column($edge, 1))];
        $u = max($right - $left, 4 * ($below - $top)) / 100;

        return Svg::tag('svg', [
            'viewBox' => implode(' ', array_map(Svg::n(...), [
                $left - 11 * $u, $top - 3 * $u, $right - $left + 22 * $u, $below - $top + 6 * $u,
            ])),
            'role' => 'img',
            'class' => $below - $top > 0.5 * ($right - $left) ? 'max-h-[380px] w-full' : 'max-h-[240px] w-full',
            'font-family' => 'Source Sans 3, sans-serif',
            'aria-label' => Svg::words(new Said($isThin ? 'drawing.mark-strip.fifth' : 'drawing.mark-strip.label', [
                'mark' => $this->mark->label(),
            ])),
        ], $this->wood().$this->drawing($u).$this->divided($u).$this->outline($u).$this->grain($u, $first, $last));
    }

    /** Whether a part of it is shown, being long and thin. */
    public static function isPart(Part $part, Mark $mark): bool
    {
        return (new self($part, $mark))->isThin();
    }

    private function isThin(): bool
    {
        return $this->longMm < self::THIN * 2 * M_PI * $this->band->largerMm;
    }

    /** @return array{float, float} */
    private function at(float $turn, float $alongMm): array
    {
        $share = $this->longMm > 0 ? $alongMm / $this->longMm : 0.0;

        return $this->band->flat($turn, $this->rises ? $share : 1 - $share);
    }

    /** The wood with what is laid on it, as far round as is shown, and streaks of late wood in their own colour. */
    private function wood(): string
    {
        $look = Appearance::of($this->part);
        [$first, $last] = $this->isThin() ? self::AROUND : [0.0, 1.0];
        $wide = ($last - $first) / self::COLUMNS;
        [$a, $b] = [$this->line[0], $this->line[count($this->line) - 1]];
        $cells = '';
        for ($row = 0; $row < self::ROWS; $row++) {
            [$from, $to] = [$row / self::ROWS * $this->longMm, ($row + 1) / self::ROWS * $this->longMm];
            for ($i = 0; $i < self::COLUMNS; $i++) {
                $left = $first + $i * $wide;
                $exposure = $this->part->grain->exposureAt(
                    $b->z - $a->z, $b->r - $a->r, 2 * M_PI * ($left + $wide / 2),
                );
                // Cells lap a little, so that no gap shines through.
                $right = min($last, $left + 1.15 * $wide);
                $cells .= Svg::tag('path', [
                    'd' => self::line([
                        $this->at($left, $from), $this->at($right, $from), $this->at($right, $to),
                        $this->at($left, $to),
                    ]).'Z',
                    'fill' => $look->at($this->mark->band->on, $a->arcMm + ($from + $to) / 2, $exposure, 0.1)->toHex(),
                ]);
            }
        }

        return Svg::tag('g', ['shape-rendering' => 'crispEdges'], $cells).$this->lateWood($look, $first, $last);
    }

    private function lateWood(Appearance $look, float $first, float $last): string
    {
        $d = '';
        foreach (self::STREAKS as $k => $share) {
            $run = [];
            for ($i = 0; $i <= self::COLUMNS; $i++) {
                $turn = $first + $i / self::COLUMNS * ($last - $first);
                $wander = 0.05 * sin(2 * M_PI * 2 * $turn + 1.7 * $k) + 0.02 * sin(2 * M_PI * 7 * $turn + $k);
                $run[] = $this->at($turn, max(0.0, min(1.0, $share + $wander)) * $this->longMm);
            }
            $d .= self::line($run);
        }
        $late = $look->under($this->mark)[1];

        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => $late->toHex(), 'stroke-width' => max(0.25, $this->longMm / 60),
        ]);
    }

    private function drawing(float $u): string
    {
        $pattern = $this->part->patterns()[$this->mark->id()];
        $pattern = $this->isThin() ? $pattern->between(...self::AROUND) : $pattern;
        $paths = [];
        foreach ($pattern->runs() as [$run, $width, $ink]) {
            $paths[$ink->value.':'.round(max($u * 0.08, $width), 2)][] = self::line(
                array_map(fn (array $at): array => $this->at(...$at), $run),
            );
        }
        $svg = '';
        foreach ($paths as $key => $lines) {
            [$word, $width] = explode(':', $key);
            $ink = Ink::from($word);
            $svg .= Svg::tag('path', [
                'd' => implode('', $lines), 'fill' => 'none', 'stroke' => $ink->rgbOr($this->mark->colour),
                'stroke-width' => (float) $width,
                'stroke-opacity' => $ink->opacity(), 'stroke-linejoin' => 'round',
            ]);
        }
        foreach ($pattern->dots as [$turn, $along, $radius, $ink]) {
            [$x, $y] = $this->at($turn - floor($turn), $along);
            $svg .= Svg::tag('circle', [
                'cx' => $x, 'cy' => $y, 'r' => $radius, 'fill' => $ink->rgb(),
                'fill-opacity' => $ink->opacity(),
            ]);
        }

        return $svg;
    }

    private function divided(float $u): string
    {
        $worked = $this->part->worked()[$this->mark->id()];
        $d = '';
        for ($i = 0; $i < $worked->parts; $i++) {
            $d .= self::line(
                [$this->at(($i + 0.5) / $worked->parts, 0.0), $this->at(($i + 0.5) / $worked->parts, $this->longMm)],
            );
        }

        return $d === '' ? '' : Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => 'var(--act)', 'stroke-width' => 0.1 * $u,
            'stroke-dasharray' => Svg::n(0.5 * $u).' '.Svg::n(0.4 * $u),
        ]);
    }

    private function outline(float $u): string
    {
        $around = [];
        for ($i = 0; $i <= 72; $i++) {
            $around[] = $this->at($i / 72, 0.0);
        }
        for ($i = 72; $i >= 0; $i--) {
            $around[] = $this->at($i / 72, $this->longMm);
        }

        return Svg::tag('path', [
            'd' => self::line($around).'Z', 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 0.16 * $u,
        ]);
    }

    /** Where side grain comes out, told under the strip. */
    private function grain(float $u, float $first, float $last): string
    {
        if ($this->part->grain->turnAbove(1.0, 0.0, 0.5) <= 0.0) {
            return '';
        }
        $words = '';
        foreach ([[0.25, 'side-grain'], [0.5, 'end-grain'], [0.75, 'side-grain']] as [$turn, $which]) {
            if ($turn < $first || $turn > $last) {
                continue;
            }
            // Beyond the longer edge, on the line that runs out to it.
            $out = $this->band->flaresUp ? [$this->band->flat($turn, 0.0), $this->band->flat($turn, 1.0)]
                : [$this->band->flat($turn, 1.0), $this->band->flat($turn, 0.0)];
            [$dx, $dy] = [$out[1][0] - $out[0][0], $out[1][1] - $out[0][1]];
            $long = max(1e-6, hypot($dx, $dy));
            $words .= Svg::text(
                $out[1][0] + 1.2 * $u * $dx / $long, $out[1][1] + 1.2 * $u * $dy / $long + 0.5 * $u, 1.25 * $u,
                Svg::words(new Said("drawing.mark-strip.$which")),
                $turn === 0.5 ? 'middle' : ($dx < 0 ? 'end' : 'start'),
            );
        }

        return $words;
    }

    /** @param  list<array{float, float}>  $points */
    private static function line(array $points): string
    {
        return 'M'.implode('L', array_map(fn (array $at): string => Svg::n($at[0]).' '.Svg::n($at[1]), $points));
    }
}
