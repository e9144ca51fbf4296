<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Wall;
use HonestGrain\Geometry\Warning;
use HonestGrain\Geometry\WarningCode;
use HonestGrain\Piece\Part;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * One part as a workshop drawing: right half seen from outside, left half cut open. SVG in mm, with
 * presentation attributes only, so that it needs no style sheet and obeys any content policy.
 */
final readonly class Elevation
{
    /** Places nearer than this are one run. */
    private const RUN_MM = 5.0;

    private const LINT = '#8c2f1b';

    private Profile $profile;

    /** @param  (\Closure(float): string)|null  $words */
    private function __construct(
        private Part $part,
        private string $name,
        private string $key,
        private ?\Closure $words = null,
    ) {
        $this->profile = $part->profile;
    }

    /**
     * @param  string  $name  what the drawing is of, for those who cannot see it
     * @param  string  $key  distinguishes the pattern ids of several drawings on one page
     */
    public static function of(Part $part, string $name, string $key = 'p'): self
    {
        return new self($part, $name, $key);
    }

    /**
     * The same with its dimensions worded by the caller, who knows the reader's units.
     *
     * @param  \Closure(float): string  $words  given mm
     */
    public function withLengths(\Closure $words): self
    {
        return new self($this->part, $this->name, $this->key, $words);
    }

    /** The whole drawing as a document of its own, at true size. */
    public function trueSize(): string
    {
        $frame = Frame::around($this->profile, true);

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n".$frame->svg(
            $this->name, $this->body($frame).$this->dimensions($frame),
            ['width' => round($frame->width, 2).'mm', 'height' => round($frame->height, 2).'mm'],
        );
    }

    /**
     * For a page: with dimension lines and, where given, the places that want a look.
     *
     * @param  list<Wall>  $uneven  where a wall that dries wet departs from even
     * @param  list<Wall>  $thick  where callipers found more wood than is drawn
     */
    public function detailed(
        ?Frame $frame = null, ?Measurement $measured = null, array $uneven = [], array $thick = [],
    ): string {
        $frame ??= Frame::around($this->profile, true);
        $notes = $measured === null ? '' : $this->notes($frame, $measured).$this->uneven($frame, $uneven)
            .$this->thick($frame, $thick);

        return $frame->svg($this->name, $this->body($frame).$this->dimensions($frame).$notes);
    }

    /** For a list: the part alone. A width in px to a common scale may be given. */
    public function small(?float $pxPerMm = null): string
    {
        $frame = Frame::around($this->profile, false);

        return $frame->svg($this->name, $this->body($frame), $pxPerMm === null ? [] : [
            'width' => $frame->width * $pxPerMm, 'height' => $frame->height * $pxPerMm,
        ]);
    }

    private function body(Frame $frame): string
    {
        $u = $frame->unit();

        return (new PartFigure($this->part, $this->key))->body($u).$frame->axis();
    }

    private function dimensions(Frame $frame): string
    {
        $u = $frame->unit();
        $r = $this->profile->diameterMm() / 2;
        $top = max(array_map(fn (Point $p): float => $p->z, $this->profile->outer->points));
        $foot = $this->profile->standsOn();
        $over = -$top - $u * 4.5;
        $under = -$foot->z + $u * 4;
        $right = $r + $u * 4;
        $n = Svg::n(...);
        $lines = self::level(-$r, $r, $over, $u).($foot->r > 1 ? self::level(-$foot->r, $foot->r, $under, $u) : '')
            .sprintf(
                'M%s %s V%s M%s %s h%s M%s %s h%s', $n($right), $n(-$foot->z), $n(-$top), $n($right - $u * 0.8),
                $n(-$foot->z), $n($u * 1.6), $n($right - $u * 0.8), $n(-$top), $n($u * 1.6),
            );

        return Svg::tag('path', [
            'class' => 'edge', 'd' => $lines, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-opacity' => 0.7,
            'stroke-width' => $u * 0.14,
        ])
            .Svg::text($u * 0.8, $over - $u * 0.9, $u * 2, $this->mm(2 * $r))
            .($foot->r > 1 ? Svg::text($u * 0.8, $under + $u * 2.4, $u * 2, Svg::words(
                new Said('drawing.elevation.foot', ['wide' => $this->mm(2 * $foot->r)]),
            )) : '')
            .Svg::text($right + $u * 1.1, (-$top - $foot->z) / 2, $u * 2, $this->mm($top - $foot->z));
    }

    private static function level(float $x1, float $x2, float $y, float $u): string
    {
        $n = Svg::n(...);

        return sprintf(
            'M%s %s H%s M%s %s v%s M%s %s v%s', $n($x1), $n($y), $n($x2), $n($x1), $n($y - $u * 0.8), $n($u * 1.6),
            $n($x2), $n($y - $u * 0.8), $n($u * 1.6),
        );
    }

    private function notes(Frame $frame, Measurement $measured): string
    {
        $u = $frame->unit();
        $svg = '';
        if ($measured->wall !== null) {
            $thin = array_filter(
                $measured->warnings, fn (Warning $warning): bool => $warning->code === WarningCode::ThinWall,
            ) !== [];
            $svg .= $this->leader(
                -$measured->wall->r, -$measured->wall->z, $this->mm($measured->wall->minMm), $thin, $frame,
            );
        }
        foreach ($measured->warnings as $warning) {
            if ($warning->z !== null && $warning->r !== null && $warning->code !== WarningCode::ThinWall) {
                $svg .= Svg::tag('circle', [
                    'class' => 'lint', 'data-lint' => $warning->code->value, 'cx' => -$warning->r,
                    'cy' => -$warning->z, 'r' => $u * 1.1, 'fill' => 'none', 'stroke' => self::LINT,
                    'stroke-width' => $u * 0.3,
                ]);
            }
        }

        return $svg;
    }

    /**
     * A heavy line along the cut half, beside the wall that is uneven.
     *
     * @param  list<Wall>  $uneven
     */
    private function uneven(Frame $frame, array $uneven): string
    {
        $u = $frame->unit();
        $d = '';
        $before = null;
        foreach ($uneven as $wall) {
            $isNext = $before !== null && hypot($wall->z - $before->z, $wall->r - $before->r) < self::RUN_MM;
            $d .= ($isNext ? 'L' : 'M').Svg::n(-$wall->r - $u * 0.9).' '.Svg::n(-$wall->z).' ';
            $before = $wall;
        }

        return $d === '' ? '' : Svg::tag('path', [
            'class' => 'lint', 'data-lint' => 'uneven-wall', 'd' => $d, 'fill' => 'none', 'stroke' => self::LINT,
            'stroke-width' => $u * 0.5, 'stroke-linecap' => 'round',
        ], Svg::tag('title', [], Svg::words(new Said('drawing.elevation.uneven'))));
    }

    /**
     * A spot on the cut half at each place that stands thick.
     *
     * @param  list<Wall>  $thick
     */
    private function thick(Frame $frame, array $thick): string
    {
        $u = $frame->unit();

        return implode('', array_map(fn (Wall $wall): string => Svg::tag('circle', [
            'class' => 'lint', 'data-lint' => 'thick-spot', 'cx' => -$wall->r - $u * 1.6, 'cy' => -$wall->z,
            'r' => $u * 0.9, 'fill' => self::LINT,
        ], Svg::tag('title', [], Svg::words(new Said('drawing.elevation.thick', [
            'height' => Quantity::mm($wall->z),
        ])))), $thick));
    }

    private function leader(float $x, float $y, string $length, bool $warn, Frame $frame): string
    {
        $u = $frame->unit();
        $toX = $frame->x + $u * 0.6;
        $toY = min(max($y + $u * 2, $frame->y + $u * 4), $frame->y + $frame->height - $u * 4);
        $colour = $warn ? self::LINT : 'currentColor';
        $n = Svg::n(...);
        $line = fn (float $below, string $words): string => Svg::tag(
            'tspan', ['x' => $toX, 'y' => $toY + $below], $words,
        );

        return Svg::tag(
            'g', ['data-lint' => $warn ? WarningCode::ThinWall->value : 'wall'], Svg::tag('path', [
                'd' => sprintf('M%s %s L%s %s', $n($x), $n($y), $n($toX + $u * 11), $n($toY - $u * 0.6)),
                'class' => $warn ? 'edge lint' : 'edge', 'stroke' => $colour, 'stroke-width' => $u * 0.14,
                'fill' => 'none',
            ])
            .Svg::tag('circle', [
                'class' => $warn ? 'lint-ink' : null, 'cx' => $x, 'cy' => $y, 'r' => $u * 0.45, 'fill' => $colour,
            ])
            .Svg::tag(
                'text', ['class' => $warn ? 'lint-ink' : null, 'font-size' => $u * 1.9, 'fill' => $colour],
                $line(0.0, Svg::words(new Said('drawing.elevation.wall', ['thick' => $length])))
                    .$line($u * 2.3, Svg::words(new Said('drawing.elevation.at-thinnest'))),
            ),
        );
    }

    private function mm(float $mm): string
    {
        return $this->words !== null
            ? ($this->words)($mm) : ($mm >= 20 ? (string) round($mm) : number_format($mm, 1)).' mm';
    }
}
