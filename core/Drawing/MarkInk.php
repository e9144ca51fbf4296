<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Colour\Rgb;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Technique\Ink;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Technique\Pattern;

/**
 * Bands of decoration on the elevation: as they look on the right, foreshortened towards the edge, as a line of ink
 * along the section on the left.
 */
final readonly class MarkInk
{
    /** The colour of a band is told at so many places from the middle to the edge. */
    private const STOPS = 8;

    /** The middle of the drawing is where the grain comes out; the edge is a quarter of a turn on. */
    private const SEEN = 0.25;

    /** A line as dark as this is lost on a dark ground. */
    private const DEEP_L = 15.0;

    public function __construct(private Part $part, private float $u, private string $key, private ?Appearance $look)
    {
    }

    public function outside(Mark $mark, Pattern $pattern): string
    {
        $strip = Measurement::strip($this->part->profile, $mark->band);
        $first = $strip[0];
        $last = $strip[count($strip) - 1];
        $area = Svg::path($strip, 1).sprintf('L0 %s L0 %s Z', Svg::n(-$last->z), Svg::n(-$first->z));
        $fill = ! $mark->technique->isFilled() || $pattern->lines !== []
            ? Svg::tag('path', ['d' => $area, 'fill' => 'transparent']) : $this->filled($mark, $strip, $area);

        $openings = OpeningInk::of($this->part, $mark, $pattern);

        return Svg::tag('g', ['data-band' => $mark->id()], $fill.(
            $openings === null ? $this->drawn($pattern, $strip, $mark->colour)
                : $openings->outside($this->key, $this->u)
        ));
    }

    public function section(Mark $mark): string
    {
        $strip = Measurement::strip($this->part->profile, $mark->band);
        $ink = $mark->colour ?? $mark->technique->ink();
        if ($mark->technique instanceof OpensWall) {
            // The wall is not covered there: where it is open the section has a gap, and this is how far they go.
            return Svg::tag('path', [
                'data-band' => $mark->id(), 'd' => Svg::path($strip, -1), 'fill' => 'none', 'stroke' => 'currentColor',
                'stroke-width' => $this->u * 0.5, 'stroke-dasharray' => $this->u * 0.8.' '.$this->u * 0.8,
            ]);
        }

        return Svg::tag('path', [
            'class' => Rgb::hex($ink, 'ink')->lab()[0] < self::DEEP_L ? 'deep' : null, 'data-band' => $mark->id(),
            'd' => Svg::path($strip, -1), 'fill' => 'none', 'stroke' => $ink,
            'stroke-width' => $this->u * ($mark->band->on === Surface::Outer ? 0.7 : 0.9),
        ]);
    }

    /** @param  non-empty-list<Point>  $strip */
    private function filled(Mark $mark, array $strip, string $area): string
    {
        if ($this->look === null) {
            return Svg::tag('path', ['d' => $area, 'fill' => $mark->colour ?? $mark->technique->ink()]);
        }
        $id = "tint-{$this->key}-{$mark->id()}";
        $middle = $strip[intdiv(count($strip), 2)];
        [$a, $b] = [$strip[0], $strip[count($strip) - 1]];
        $stops = '';
        for ($i = 0; $i <= self::STOPS; $i++) {
            $azimuth = asin($i / self::STOPS);
            $exposure = $this->part->grain->exposureAt($b->z - $a->z, $b->r - $a->r, $azimuth);
            $stops .= Svg::tag('stop', [
                'offset' => $i / self::STOPS,
                'stop-color' => $this->look->at($mark->band->on, $middle->arcMm, $exposure)->toHex(),
            ]);
        }
        $widest = max(0.1, ...array_map(fn (Point $p): float => $p->r, $strip));

        return Svg::tag('linearGradient', [
            'id' => $id, 'gradientUnits' => 'userSpaceOnUse', 'x1' => 0, 'x2' => $widest, 'y1' => 0, 'y2' => 0,
        ], $stops).Svg::tag('path', ['d' => $area, 'fill' => "url(#$id)"]).$this->lateWood($mark, $strip);
    }

    /**
     * The dense late wood of a band, in the colour that it takes there.
     *
     * @param  non-empty-list<Point>  $strip
     */
    private function lateWood(Mark $mark, array $strip): string
    {
        $late = $this->look?->under($mark)[1] ?? Rgb::linear([0.0, 0.0, 0.0]);
        $d = '';
        foreach ([0.18, 0.42, 0.61, 0.83] as $i => $share) {
            $p = self::along($strip, $share * ($strip[count($strip) - 1]->arcMm - $strip[0]->arcMm));
            $d .= sprintf(
                'M0 %s Q%s %s %s %s', Svg::n(-$p->z), Svg::n($p->r * 0.5), Svg::n(-$p->z + $this->u * ($i % 2 - 0.5)),
                Svg::n($p->r), Svg::n(-$p->z + $this->u * 0.3),
            );
        }

        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => $late->toHex(), 'stroke-width' => $this->u * 0.18,
            'pointer-events' => 'none',
        ]);
    }

    /** @param  non-empty-list<Point>  $strip */
    private function drawn(Pattern $pattern, array $strip, ?string $colour): string
    {
        $lines = $dots = [];
        foreach ($pattern->between(0.0, self::SEEN)->runs() as [$path, $width, $ink]) {
            $wide = max($this->u * 0.12, $width);
            foreach (self::seen($path) as $run) {
                $lines["$ink->value:".round($wide, 1)][] = $this->path($run, $strip);
            }
        }
        foreach ($pattern->dots as [$turn, $along, $radius, $ink]) {
            $turn -= floor($turn);
            if ($turn <= self::SEEN) {
                $at = self::along($strip, $along);
                $dots[] = Svg::tag('ellipse', [
                    'cx' => $at->r * sin(2 * M_PI * $turn), 'cy' => -$at->z,
                    'rx' => max(0.1, $radius * cos(2 * M_PI * $turn)), 'ry' => $radius, 'fill' => $ink->rgb(),
                    'fill-opacity' => $ink->opacity(),
                ]);
            }
        }
        $svg = implode('', $dots);
        foreach ($lines as $key => $paths) {
            [$word, $width] = explode(':', $key);
            $ink = Ink::from($word);
            $svg .= Svg::tag('path', [
                'd' => implode('', $paths), 'fill' => 'none', 'stroke' => $ink->rgbOr($colour),
                'stroke-width' => (float) $width, 'stroke-opacity' => $ink->opacity(),
                'pointer-events' => 'none',
            ]);
        }

        return $svg;
    }

    /**
     * What of a run lies on the quarter that is seen.
     *
     * @param  list<array{float, float}>  $path
     * @return list<list<array{float, float}>>
     */
    private static function seen(array $path): array
    {
        $runs = [];
        $run = [];
        foreach ($path as $at) {
            if ($at[0] <= self::SEEN + 1e-6) {
                $run[] = $at;
            } elseif ($run !== []) {
                $runs[] = $run;
                $run = [];
            }
        }

        return array_values(array_filter([...$runs, $run], fn (array $one): bool => count($one) > 1));
    }

    /**
     * @param  list<array{float, float}>  $run
     * @param  non-empty-list<Point>  $strip
     */
    private function path(array $run, array $strip): string
    {
        $d = '';
        foreach ($run as $i => [$turn, $along]) {
            $at = self::along($strip, $along);
            $d .= ($i === 0 ? 'M' : 'L').Svg::n($at->r * sin(2 * M_PI * $turn)).' '.Svg::n(-$at->z);
        }

        return $d;
    }

    /**
     * A place of a band, so far from its beginning.
     *
     * @param  non-empty-list<Point>  $strip
     */
    public static function along(array $strip, float $mm): Point
    {
        $arc = $strip[0]->arcMm + $mm;
        foreach ($strip as $i => $point) {
            if ($point->arcMm >= $arc) {
                $before = $strip[max(0, $i - 1)];
                $span = $point->arcMm - $before->arcMm;
                $k = $span > 0 ? ($arc - $before->arcMm) / $span : 0.0;

                return new Point(
                    $before->z + $k * ($point->z - $before->z), $before->r + $k * ($point->r - $before->r), $arc,
                );
            }
        }

        return $strip[count($strip) - 1];
    }
}
