<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Colour\Rgb;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Technique\Pattern;

/**
 * Openings through the wall as they are: foreshortened towards the side, with the cut wood that is seen on their far
 * edge and what lies behind; and where the drawing cuts the wall open, a gap. Physics: geometry of radial cuts.
 */
final readonly class OpeningInk
{
    /** The quarter that is seen from outside, in turns. */
    private const SEEN = 0.25;

    /** Where the drawing cuts the part open. */
    private const CUT_OPEN = 0.75;

    /** No opening reaches further round from the cut that it meets, in turns. */
    private const NEAR = 0.1;

    /** A line is told so often, mm. */
    private const STEP_MM = 1.5;

    /** The section is looked at so often along a band, mm. */
    private const LOOK_MM = 0.25;

    /** No corner is drawn sharper: the cosine of half its bend. */
    private const SHARPEST = 0.6;

    /** What lies nearer to the line than this share of its half width is no outline of it. */
    private const WITHIN = 0.93;

    /** Points of a round end. */
    private const END = 6;

    /** How dark the cut wood is in an opening, and what lies behind it: shares of black. */
    private const CUT_WOOD = 0.25;

    private const BEHIND = 0.72;

    /**
     * @param  non-empty-list<Point>  $strip  of the outside, along the band
     * @param  float  $wallMm  0 where it is solid
     */
    private function __construct(
        private Part $part,
        private string $id,
        private Pattern $pattern,
        private array $strip,
        private float $wallMm,
    ) {
    }

    /** Null where nothing goes through the wall. */
    public static function of(Part $part, Mark $mark, Pattern $pattern): ?self
    {
        if (! $mark->technique instanceof OpensWall || $mark->band->on !== Surface::Outer) {
            return null;
        }

        return new self(
            $part, $mark->id(), $pattern, Measurement::strip($part->profile, $mark->band),
            $part->grounds[$mark->id()]->wallMm() ?? 0.0,
        );
    }

    /**
     * As they look from outside.
     *
     * @param  float  $u  a hundredth of the drawing's size, mm
     */
    public function outside(string $key, float $u): string
    {
        [$edges, $behind] = ['', ''];
        foreach ($this->outlines() as $outline) {
            $edges .= $this->projected($outline, 0.0);
            $behind .= $this->isSeenThrough($outline) ? $this->projected($outline, $this->wallMm) : '';
        }
        if ($edges === '') {
            return '';
        }
        $clip = "open-$key-{$this->id}";
        $wood = Rgb::hex($this->part->wood->nature->rgb, 'wood');
        $black = Rgb::linear([0.0, 0.0, 0.0]);

        return Svg::tag('clipPath', ['id' => $clip], Svg::tag('path', ['d' => $edges]))
            .Svg::tag('path', ['d' => $edges, 'fill' => $wood->mixed($black, self::CUT_WOOD)->toHex()])
            .Svg::tag('path', [
                'd' => $behind, 'fill' => $wood->mixed($black, self::BEHIND)->toHex(), 'clip-path' => "url(#$clip)",
            ])
            .Svg::tag('path', [
                'd' => $edges, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $u * 0.14,
                'pointer-events' => 'none',
            ]);
    }

    /**
     * Whether one sees through it at all: far to the side the wood of its far edge hides the rest.
     *
     * @param  list<array{float, float}>  $outline
     */
    private function isSeenThrough(array $outline): bool
    {
        $sines = array_map(fn (array $at): float => sin(2 * M_PI * min(self::SEEN, $at[0])), $outline) ?: [0.0];
        $r = $this->along($outline[0][1] ?? 0.0)->r;

        return $this->wallMm > 0 && max($sines) * ($r - $this->wallMm) > min($sines) * $r;
    }

    /** The gaps in the wall where it is cut open, as further outlines of the path that the wood is. */
    public function gaps(): string
    {
        $inner = $this->part->profile->inner;
        if ($inner === null) {
            return '';
        }
        $d = '';
        foreach ($this->open() as [$from, $to]) {
            $out = array_values(array_filter(
                $this->strip, fn (Point $one): bool => $one->arcMm > $this->strip[0]->arcMm + $from
                    && $one->arcMm < $this->strip[0]->arcMm + $to,
            ));
            $out = [$this->along($from), ...$out, $this->along($to)];
            $in = array_map(fn (Point $one): Point => self::nearest($one, $inner->points), array_reverse($out));
            $d .= Svg::path([...$out, ...$in], -1).'Z';
        }

        return $d;
    }

    /**
     * Where along the band the cut of the drawing meets an opening.
     *
     * @return list<array{float, float}> from and to, mm along the band
     */
    public function open(): array
    {
        $spans = [];
        $length = $this->lengthMm();
        $steps = (int) ceil($length / self::LOOK_MM);
        $near = $this->pattern->between(self::CUT_OPEN - self::NEAR, self::CUT_OPEN + self::NEAR);
        for ($i = 0; $i <= $steps; $i++) {
            $at = min($length, $i * self::LOOK_MM);
            if (! $this->isOpenAt($near, $at)) {
                continue;
            }
            $last = count($spans) - 1;
            if ($last >= 0 && $at - $spans[$last][1] < 1.5 * self::LOOK_MM) {
                $spans[$last][1] = $at;
            } else {
                $spans[] = [$at, $at];
            }
        }

        return array_values(array_filter($spans, fn (array $span): bool => $span[1] > $span[0]));
    }

    /** Whether the cut of the drawing meets an opening so far along the band. */
    private function isOpenAt(Pattern $pattern, float $alongMm): bool
    {
        $turn = self::CUT_OPEN;
        $round = 2 * M_PI * max(0.1, $this->along($alongMm)->r);
        foreach ($pattern->dots as [$at, $along, $radius]) {
            if (hypot(self::apart($at, $turn) * $round, $along - $alongMm) < $radius) {
                return true;
            }
        }
        foreach ($pattern->lines as [$path, $width]) {
            foreach ($path as $i => $to) {
                $from = $path[max(0, $i - 1)];
                // Both ends as they lie about the place: a line that comes round past the beginning stays whole.
                $x = self::apart($from[0], $turn) * $round;
                $dx = ($to[0] - $from[0]) * $round;
                $dy = $to[1] - $from[1];
                $span = $dx ** 2 + $dy ** 2;
                $share = $span > 0
                    ? max(0.0, min(1.0, (-$x * $dx + ($alongMm - $from[1]) * $dy) / $span)) : 0.0;
                if (hypot($x + $share * $dx, $from[1] + $share * $dy - $alongMm) < $width / 2) {
                    return true;
                }
            }
        }

        return false;
    }

    /** How far one turn lies from another, −½ to ½. */
    private static function apart(float $turn, float $from): float
    {
        return $turn - $from - round($turn - $from);
    }

    /**
     * Closed outlines of the openings that may be seen.
     *
     * @return list<list<array{float, float}>> turn, about 0 in front, and mm along
     */
    private function outlines(): array
    {
        $outlines = [];
        foreach ($this->pattern->dots as [$turn, $along, $radius]) {
            $outlines[] = $this->ring(
                turn: self::apart($turn, 0.0), along: $along, radius: $radius, from: 0.0, through: 2 * M_PI,
                steps: 4 * self::END,
            );
        }
        foreach ($this->pattern->lines as [$path, $width]) {
            $by = self::apart($path[0][0], 0.0) - $path[0][0];
            $outlines[] = $this->widened(
                array_map(fn (array $at): array => [$at[0] + $by, $at[1]], $path), $width / 2,
            );
        }

        return array_values(array_filter($outlines, function (array $outline): bool {
            $turns = array_column($outline, 0) ?: [1.0];

            return max($turns) > 0.0 && min($turns) < self::SEEN;
        }));
    }

    /**
     * @param  list<array{float, float}>  $path  at least one
     * @return list<array{float, float}> its outline, that much to either side, with round ends
     */
    private function widened(array $path, float $half): array
    {
        $fine = $this->fine($path);
        $last = count($fine) - 1;
        [$left, $right] = [[], []];
        foreach ($fine as $i => [$turn, $along]) {
            $round = $this->roundMm($along);
            [$a, $b] = [$fine[max(0, $i - 1)], $fine[min($last, $i + 1)]];
            [$dx, $dy] = self::unit(($b[0] - $a[0]) * $round, $b[1] - $a[1]);
            [$sx, $sy] = self::unit(($b[0] - $turn) * $round, $b[1] - $along);
            // At a corner the sides meet further out.
            $out = $half / max(self::SHARPEST, $i === $last ? 1.0 : $dx * $sx + $dy * $sy);
            $left[] = [$turn - $out * $dy / $round, $along + $out * $dx];
            $right[] = [$turn + $out * $dy / $round, $along - $out * $dx];
        }

        return array_values(array_filter([
            ...$right, ...$this->end($fine[max(0, $last - 1)], $fine[$last], $half), ...array_reverse($left),
            ...$this->end($fine[min(1, $last)], $fine[0], $half),
        ], fn (array $at): bool => ! $this->isWithin($at, $fine, self::WITHIN * $half)));
    }

    /**
     * Whether a place lies so near a line that its outline does not come there: in the angle of a corner.
     *
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $fine
     */
    private function isWithin(array $at, array $fine, float $mm): bool
    {
        $round = $this->roundMm($at[1]);
        foreach ($fine as [$turn, $along]) {
            if (hypot(($turn - $at[0]) * $round, $along - $at[1]) < $mm) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float} the same way, 1 long */
    private static function unit(float $x, float $y): array
    {
        $long = max(1e-9, hypot($x, $y));

        return [$x / $long, $y / $long];
    }

    /**
     * The round end of a line, from its right to its left.
     *
     * @param  array{float, float}  $before
     * @param  array{float, float}  $end
     * @return list<array{float, float}>
     */
    private function end(array $before, array $end, float $half): array
    {
        $angle = atan2($end[1] - $before[1], ($end[0] - $before[0]) * $this->roundMm($end[1]));

        return $this->ring(
            turn: $end[0], along: $end[1], radius: $half, from: $angle - M_PI / 2, through: M_PI, steps: self::END,
        );
    }

    /** @return non-empty-list<array{float, float}> part of a circle about a place */
    private function ring(float $turn, float $along, float $radius, float $from, float $through, int $steps): array
    {
        $round = $this->roundMm($along);

        return array_map(fn (int $i): array => [
            $turn + $radius * cos($from + $through * $i / $steps) / $round,
            $along + $radius * sin($from + $through * $i / $steps),
        ], range(0, $steps));
    }

    /**
     * @param  list<array{float, float}>  $path  at least one
     * @return list<array{float, float}> the same, told so often that it follows the surface
     */
    private function fine(array $path): array
    {
        $fine = [$path[0]];
        foreach (array_slice($path, 1) as $i => $to) {
            $from = $path[$i];
            $steps = max(1, (int) ceil(
                hypot(($to[0] - $from[0]) * $this->roundMm($from[1]), $to[1] - $from[1]) / self::STEP_MM,
            ));
            for ($k = 1; $k <= $steps; $k++) {
                $fine[] = [
                    $from[0] + ($to[0] - $from[0]) * $k / $steps, $from[1] + ($to[1] - $from[1]) * $k / $steps,
                ];
            }
        }

        return $fine;
    }

    /**
     * @param  list<array{float, float}>  $outline
     * @param  float  $deepMm  below the outside
     */
    private function projected(array $outline, float $deepMm): string
    {
        $d = '';
        foreach ($outline as $i => [$turn, $along]) {
            $at = $this->along(max(0.0, min($this->lengthMm(), $along)));
            $x = max(0.0, $at->r - $deepMm) * sin(2 * M_PI * min(self::SEEN, $turn));
            $d .= ($i === 0 ? 'M' : 'L').Svg::n($x).' '.Svg::n(-$at->z);
        }

        return $d.'Z';
    }

    private function lengthMm(): float
    {
        return $this->strip[count($this->strip) - 1]->arcMm - $this->strip[0]->arcMm;
    }

    /** Round the piece there, mm. */
    private function roundMm(float $alongMm): float
    {
        return 2 * M_PI * max(0.1, $this->along(max(0.0, min($this->lengthMm(), $alongMm)))->r);
    }

    private function along(float $mm): Point
    {
        return MarkInk::along($this->strip, $mm);
    }

    /** @param  non-empty-list<Point>  $points */
    private static function nearest(Point $to, array $points): Point
    {
        $best = $points[0];
        foreach ($points as $point) {
            if (hypot($point->z - $to->z, $point->r - $to->r) < hypot($best->z - $to->z, $best->r - $to->r)) {
                $best = $point;
            }
        }

        return $best;
    }
}
