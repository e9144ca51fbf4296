<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Geometry\Warning;
use HonestGrain\Piece\Mark;

/**
 * A piece as a workshop drawing: right half seen from outside, left half cut open. SVG in mm, with
 * presentation attributes only, so that it needs no style sheet and obeys any content policy.
 */
final readonly class Elevation
{
    /**
     * @param  list<Mark>  $marks
     * @param  (\Closure(float): string)|null  $words
     */
    private function __construct(private Profile $profile, private GrainDirection $grain, private string $rgb, private array $marks, private string $name, private string $key, private ?\Closure $words = null)
    {
    }

    /**
     * @param  list<Mark>  $marks
     * @param  string  $key  distinguishes the pattern ids of several drawings on one page
     */
    public static function of(Profile $profile, GrainDirection $grain, string $rgb, array $marks, string $name, string $key = 'p'): self
    {
        return new self($profile, $grain, $rgb, $marks, $name, $key);
    }

    /**
     * The same with its dimensions worded by the caller, who knows the reader's units.
     *
     * @param  \Closure(float): string  $words  given mm
     */
    public function withLengths(\Closure $words): self
    {
        return new self($this->profile, $this->grain, $this->rgb, $this->marks, $this->name, $this->key, $words);
    }

    /** The whole drawing as a document of its own, at true size. */
    public function trueSize(): string
    {
        $frame = Frame::around($this->profile, true);
        $size = sprintf('width="%smm" height="%smm"', round($frame->width, 2), round($frame->height, 2));

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n".$this->svg($frame, $size, $this->body($frame).$this->dimensions($frame));
    }

    /** For a page: with dimension lines and, where given, the places that want a look. */
    public function detailed(?Frame $frame = null, ?Measurement $measured = null): string
    {
        $frame ??= Frame::around($this->profile, true);

        return $this->svg($frame, '', $this->body($frame).$this->dimensions($frame).($measured === null ? '' : $this->notes($frame, $measured)));
    }

    /** For a list: the piece alone. A width in px to a common scale may be given. */
    public function small(?float $pxPerMm = null): string
    {
        $frame = Frame::around($this->profile, false);
        $size = $pxPerMm === null ? '' : sprintf('width="%s" height="%s"', round($frame->width * $pxPerMm, 1), round($frame->height * $pxPerMm, 1));

        return $this->svg($frame, $size, $this->body($frame));
    }

    private function svg(Frame $frame, string $size, string $body): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" %s role="img" aria-label="%s" font-family="Source Sans 3, sans-serif" color="#1f1b16">%s</svg>',
            $frame->viewBox(), $size, htmlspecialchars("Drawing of {$this->name}: right half from outside, left half cut open", ENT_QUOTES | ENT_XML1), $body,
        );
    }

    private function body(Frame $frame): string
    {
        $u = $frame->unit();
        $hatch = "hatch-{$this->key}";
        $shade = "shade-{$this->key}";
        $clip = "half-{$this->key}";
        $outside = $this->path($this->profile->outer->points, 1).sprintf('L0 %s L0 %s Z', self::n(-$this->profile->outer->last()->z), self::n(-$this->profile->outer->first()->z));

        return sprintf('<defs><pattern id="%s" width="%s" height="%s" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line x1="0" y1="0" x2="0" y2="%s" stroke="currentColor" stroke-width="%s" stroke-opacity="0.55"/></pattern>', $hatch, self::n($u * 1.1), self::n($u * 1.1), self::n($u * 1.1), self::n($u * 0.12))
            .sprintf('<linearGradient id="%s" x1="0" x2="1"><stop offset="0.55" stop-color="#000" stop-opacity="0"/><stop offset="1" stop-color="#000" stop-opacity="0.28"/></linearGradient>', $shade)
            .sprintf('<clipPath id="%s"><path d="%s"/></clipPath></defs>', $clip, $outside)
            .sprintf('<path data-zone="outside" d="%s" fill="%s"/>', $outside, $this->rgb)
            .sprintf('<g clip-path="url(#%s)">%s</g>', $clip, $this->figure($u).implode('', array_map(fn (Mark $mark): string => $mark->band->on === Surface::Outer ? $this->outerMark($mark, $u) : '', $this->marks)))
            .sprintf('<path d="%s" fill="url(#%s)" pointer-events="none"/>', $outside, $shade)
            .$this->section($u, $hatch)
            .sprintf('<path d="%s" fill="none" stroke="currentColor" stroke-width="%s" stroke-linejoin="round" pointer-events="none"/>', $outside, self::n($u * 0.3))
            .sprintf('<line x1="0" x2="0" y1="%s" y2="%s" stroke="currentColor" stroke-width="%s" stroke-dasharray="%s %s %s %s" pointer-events="none"/>', self::n($frame->y + $u), self::n($frame->y + $frame->height - $u), self::n($u * 0.14), self::n($u * 1.8), self::n($u * 0.5), self::n($u * 0.4), self::n($u * 0.5));
    }

    /** The way the grain runs: level growth lines across a side-grain piece, upright ones along an end-grain piece. */
    private function figure(float $u): string
    {
        $top = $this->profile->outer->last()->z;
        $height = $this->profile->heightMm();
        $radius = $this->profile->diameterMm() / 2;
        $lines = '';
        foreach (range(1, 9) as $i) {
            $wave = $i % 3 - 1;
            $lines .= $this->grain === GrainDirection::Side
                ? sprintf('M0 %s Q%s %s %s %s', self::n(-$height * $i / 10), self::n($radius * 0.5), self::n(-$height * ($i + 0.5 * $wave) / 10), self::n($radius * 1.05), self::n(-$height * ($i + 0.3) / 10))
                : sprintf('M%s %s Q%s %s %s 1', self::n($radius * $i / 10), self::n(-$top), self::n($radius * ($i + 0.4 * $wave) / 10), self::n(-$top / 2), self::n($radius * ($i + 0.15 * $wave) / 10));
        }

        return sprintf('<path d="%s" fill="none" stroke="#3a2412" stroke-opacity="0.2" stroke-width="%s" pointer-events="none"/>', $lines, self::n($u * 0.16));
    }

    private function section(float $u, string $hatch): string
    {
        $outer = $this->profile->outer;
        $inner = $this->profile->inner;
        $wood = [...$outer->points, ...($inner === null ? [] : $inner->points)];
        $close = $inner === null ? sprintf('L0 %s ', self::n(-$outer->last()->z)) : sprintf('L0 %s ', self::n(-$inner->last()->z));
        $outline = $this->path($wood, -1).$close.sprintf('L0 %s Z', self::n(-$outer->first()->z));
        $touch = fn (string $zone, string $d): string => sprintf('<path data-zone="%s" d="%s" fill="none" stroke="transparent" stroke-width="%s" pointer-events="stroke"/>', $zone, $d, self::n($u * 2.2));
        $svg = sprintf('<path d="%s" fill="url(#%s)" stroke="currentColor" stroke-width="%s" stroke-linejoin="round"/>', $outline, $hatch, self::n($u * 0.3));
        foreach ($this->marks as $mark) {
            $strip = Measurement::strip($this->profile, $mark->band);
            $svg .= $mark->band->on === Surface::Outer ? '' : sprintf('<path data-band="%s" d="%s" fill="none" stroke="%s" stroke-width="%s"/>', $mark->band->id, $this->path($strip, -1), $this->ink($mark), self::n($u * 0.9));
            $svg .= $mark->band->on === Surface::Outer ? sprintf('<path data-band="%s" d="%s" fill="none" stroke="%s" stroke-width="%s"/>', $mark->band->id, $this->path($strip, -1), $this->ink($mark), self::n($u * 0.7)) : '';
        }
        if ($inner !== null) {
            $svg .= $touch('inside', $this->path($inner->points, -1));
            $svg .= Measurement::rim($this->profile) === null ? '' : $touch('rim', $this->path([$outer->last(), $inner->first()], -1)).$touch('rim', $this->path([$outer->last(), $inner->first()], 1));
        }

        return $svg.$touch('foot', sprintf('M%s %s L%s %s', self::n(-$outer->first()->r), self::n(-$outer->first()->z), self::n($outer->first()->r), self::n(-$outer->first()->z)));
    }

    private function outerMark(Mark $mark, float $u): string
    {
        $strip = Measurement::strip($this->profile, $mark->band);
        $first = $strip[0];
        $last = $strip[count($strip) - 1];
        $area = $this->path($strip, 1).sprintf('L0 %s L0 %s Z', self::n(-$last->z), self::n(-$first->z));
        $kind = $mark->kind->value;
        $inside = match ($kind) {
            'dye' => sprintf('<path d="%s" fill="%s" fill-opacity="0.82"/>', $area, $this->ink($mark)),
            'scorch' => sprintf('<path d="%s" fill="%s" fill-opacity="0.78"/>', $area, $this->ink($mark)),
            default => $this->strokes($mark, $strip, $u),
        };

        return sprintf('<g data-band="%s"><path d="%s" fill="transparent"/>%s</g>', $mark->band->id, $area, $inside);
    }

    /** @param  non-empty-list<Point>  $strip */
    private function strokes(Mark $mark, array $strip, float $u): string
    {
        $at = fn (float $t): Point => $strip[(int) round($t * (count($strip) - 1))];
        $d = '';
        if ($mark->kind->value === 'v-groove') {
            $middle = $at(0.5);

            return sprintf('<path d="M0 %s H%s" stroke="#1c120a" stroke-width="%s"/>', self::n(-$middle->z), self::n($middle->r), self::n(max($u * 0.5, abs($strip[count($strip) - 1]->z - $strip[0]->z))));
        }
        if ($mark->kind->value === 'flutes') {
            foreach (range(1, 11) as $i) {
                $x = sin($i / 12 * M_PI / 2);
                $d .= sprintf('M%s %s L%s %s', self::n($x * $strip[0]->r), self::n(-$strip[0]->z), self::n($x * $strip[count($strip) - 1]->r), self::n(-$strip[count($strip) - 1]->z));
            }
        } else {
            $rows = max(2, min(7, (int) round(abs($strip[count($strip) - 1]->z - $strip[0]->z) / ($u * 1.4))));
            foreach (range(1, $rows) as $row) {
                $t = ($row - 0.5) / $rows;
                $p = self::along($strip, $t);
                $step = max($u * 1.1, 1.0);
                $sway = $mark->kind->value === 'pen-pattern' ? $u * 0.8 : $u * 0.25;
                $d .= sprintf('M0 %s', self::n(-$p->z));
                for ($x = 0.0, $k = $row % 2; $x < $p->r; $x += $step, $k++) {
                    $d .= sprintf('q%s %s %s 0', self::n($step / 2), self::n($k % 2 === 0 ? $sway : -$sway), self::n($step));
                }
            }
        }

        return sprintf('<path d="%s" fill="none" stroke="%s" stroke-width="%s"/>', $d, $this->ink($mark), self::n($u * 0.22));
    }

    /** @param  non-empty-list<Point>  $strip */
    private static function along(array $strip, float $t): Point
    {
        $from = $strip[0];
        $to = $strip[count($strip) - 1];
        $arc = $from->arcMm + $t * ($to->arcMm - $from->arcMm);
        foreach ($strip as $i => $point) {
            if ($point->arcMm >= $arc) {
                $before = $strip[max(0, $i - 1)];
                $span = $point->arcMm - $before->arcMm;
                $k = $span > 0 ? ($arc - $before->arcMm) / $span : 0.0;

                return new Point($before->z + $k * ($point->z - $before->z), $before->r + $k * ($point->r - $before->r), $arc);
            }
        }

        return $to;
    }

    private function ink(Mark $mark): string
    {
        return $mark->colour ?? match ($mark->kind->value) {
            'dye' => '#2f4a63',
            'scorch' => '#2a1c12',
            default => '#1c120a',
        };
    }

    private function dimensions(Frame $frame): string
    {
        $u = $frame->unit();
        $outer = $this->profile->outer;
        $r = $this->profile->diameterMm() / 2;
        $top = max(array_map(fn (Point $p): float => $p->z, $outer->points));
        $foot = $outer->first();
        $over = -$top - $u * 4.5;
        $under = -$foot->z + $u * 4;
        $right = $r + $u * 4;
        $h = fn (float $x1, float $x2, float $y): string => sprintf('M%s %s H%s M%s %s v%s M%s %s v%s', self::n($x1), self::n($y), self::n($x2), self::n($x1), self::n($y - $u * 0.8), self::n($u * 1.6), self::n($x2), self::n($y - $u * 0.8), self::n($u * 1.6));
        $text = fn (float $x, float $y, string $label, string $anchor): string => sprintf('<text x="%s" y="%s" font-size="%s" text-anchor="%s" fill="currentColor">%s</text>', self::n($x), self::n($y), self::n($u * 2), $anchor, $label);
        $lines = $h(-$r, $r, $over).($foot->r > 1 ? $h(-$foot->r, $foot->r, $under) : '')
            .sprintf('M%s %s V%s M%s %s h%s M%s %s h%s', self::n($right), self::n(-$foot->z), self::n(-$top), self::n($right - $u * 0.8), self::n(-$foot->z), self::n($u * 1.6), self::n($right - $u * 0.8), self::n(-$top), self::n($u * 1.6));

        return sprintf('<path d="%s" fill="none" stroke="currentColor" stroke-opacity="0.7" stroke-width="%s"/>', $lines, self::n($u * 0.14))
            .$text($u * 0.8, $over - $u * 0.9, $this->mm(2 * $r), 'start')
            .($foot->r > 1 ? $text($u * 0.8, $under + $u * 2.4, 'foot '.$this->mm(2 * $foot->r), 'start') : '')
            .$text($right + $u * 1.1, (-$top - $foot->z) / 2, $this->mm($top - $foot->z), 'start');
    }

    private function notes(Frame $frame, Measurement $measured): string
    {
        $u = $frame->unit();
        $svg = '';
        if ($measured->wall !== null) {
            $thin = array_filter($measured->warnings, fn (Warning $warning): bool => $warning->code === 'thin-wall') !== [];
            $svg .= $this->leader(-$measured->wall->r, -$measured->wall->z, $u, $this->mm($measured->wall->minMm), $thin, $frame);
        }
        foreach ($measured->warnings as $warning) {
            if ($warning->z !== null && $warning->r !== null && $warning->code !== 'thin-wall') {
                $svg .= sprintf('<circle data-lint="%s" cx="%s" cy="%s" r="%s" fill="none" stroke="#8c2f1b" stroke-width="%s"/>', $warning->code, self::n(-$warning->r), self::n(-$warning->z), self::n($u * 1.1), self::n($u * 0.3));
            }
        }

        return $svg;
    }

    private function leader(float $x, float $y, float $u, string $length, bool $warn, Frame $frame): string
    {
        $toX = $frame->x + $u * 0.6;
        $toY = min(max($y + $u * 2, $frame->y + $u * 4), $frame->y + $frame->height - $u * 4);
        $colour = $warn ? '#8c2f1b' : 'currentColor';

        return sprintf('<g data-lint="%s"><path d="M%s %s L%s %s" stroke="%s" stroke-width="%s" fill="none"/><circle cx="%s" cy="%s" r="%s" fill="%s"/>', $warn ? 'thin-wall' : 'wall', self::n($x), self::n($y), self::n($toX + $u * 11), self::n($toY - $u * 0.6), $colour, self::n($u * 0.14), self::n($x), self::n($y), self::n($u * 0.45), $colour)
            .sprintf('<text font-size="%s" fill="%s"><tspan x="%s" y="%s">wall %s</tspan><tspan x="%s" y="%s">at thinnest</tspan></text></g>', self::n($u * 1.9), $colour, self::n($toX), self::n($toY), $length, self::n($toX), self::n($toY + $u * 2.3));
    }

    /** @param  list<Point>  $points */
    private function path(array $points, int $side): string
    {
        $d = '';
        foreach ($points as $i => $point) {
            $d .= ($i === 0 ? 'M' : 'L').self::n($side * $point->r).' '.self::n(-$point->z);
        }

        return $d.' ';
    }

    private function mm(float $mm): string
    {
        if ($this->words !== null) {
            return htmlspecialchars(($this->words)($mm), ENT_QUOTES | ENT_XML1);
        }

        return ($mm >= 20 ? (string) round($mm) : number_format($mm, 1)).' mm';
    }

    private static function n(float $value): string
    {
        return (string) (round($value, 2) + 0.0);
    }
}
