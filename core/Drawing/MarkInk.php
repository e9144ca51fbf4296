<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Technique\Drawn;

/** Bands of decoration on the elevation: as they look on the right, as a line of ink along the section on the left. */
final readonly class MarkInk
{
    public function __construct(private Profile $profile, private float $u)
    {
    }

    public function outside(Mark $mark): string
    {
        $strip = Measurement::strip($this->profile, $mark->band);
        $first = $strip[0];
        $last = $strip[count($strip) - 1];
        $area = Svg::path($strip, 1).sprintf('L0 %s L0 %s Z', Svg::n(-$last->z), Svg::n(-$first->z));
        $drawn = $mark->technique->drawn() === Drawn::Filled
            ? Svg::tag('path', [
                'd' => $area, 'fill' => self::ink($mark), 'fill-opacity' => $mark->colours() ? 0.82 : 0.78,
            ])
            : $this->strokes($mark, $strip);

        return Svg::tag(
            'g', ['data-band' => $mark->id()], Svg::tag('path', ['d' => $area, 'fill' => 'transparent']).$drawn,
        );
    }

    public function section(Mark $mark): string
    {
        $strip = Measurement::strip($this->profile, $mark->band);

        return Svg::tag('path', [
            'data-band' => $mark->id(), 'd' => Svg::path($strip, -1), 'fill' => 'none', 'stroke' => self::ink($mark),
            'stroke-width' => $this->u * ($mark->band->on === Surface::Outer ? 0.7 : 0.9),
        ]);
    }

    /** @param  non-empty-list<Point>  $strip */
    private function strokes(Mark $mark, array $strip): string
    {
        $first = $strip[0];
        $last = $strip[count($strip) - 1];
        if ($mark->technique->drawn() === Drawn::Groove) {
            $middle = $strip[(int) round((count($strip) - 1) / 2)];

            return Svg::tag('path', [
                'd' => sprintf(
                    'M0 %s H%s', Svg::n(-$middle->z), Svg::n($middle->r),
                ), 'stroke' => $mark->technique->ink(),
                'stroke-width' => max($this->u * 0.5, abs($last->z - $first->z)),
            ]);
        }
        $d = match ($mark->technique->drawn()) {
            Drawn::Upright => self::upright($first, $last),
            Drawn::Waves => $this->rows($strip, 0.8),
            default => $this->rows($strip, 0.25),
        };

        return Svg::tag('path', [
            'd' => $d, 'fill' => 'none', 'stroke' => self::ink($mark), 'stroke-width' => $this->u * 0.22,
        ]);
    }

    private static function upright(Point $first, Point $last): string
    {
        $d = '';
        foreach (range(1, 11) as $i) {
            $x = sin($i / 12 * M_PI / 2);
            $d .= sprintf(
                'M%s %s L%s %s', Svg::n($x * $first->r), Svg::n(-$first->z), Svg::n($x * $last->r), Svg::n(-$last->z),
            );
        }

        return $d;
    }

    /** @param  non-empty-list<Point>  $strip */
    private function rows(array $strip, float $sway): string
    {
        $u = $this->u;
        $rows = max(2, min(7, (int) round(abs($strip[count($strip) - 1]->z - $strip[0]->z) / ($u * 1.4))));
        $step = max($u * 1.1, 1.0);
        $d = '';
        foreach (range(1, $rows) as $row) {
            $p = self::along($strip, ($row - 0.5) / $rows);
            $d .= sprintf('M0 %s', Svg::n(-$p->z));
            for ($x = 0.0, $k = $row % 2; $x < $p->r; $x += $step, $k++) {
                $up = $k % 2 === 0 ? $sway * $u : -$sway * $u;
                $d .= sprintf('q%s %s %s 0', Svg::n($step / 2), Svg::n($up), Svg::n($step));
            }
        }

        return $d;
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

                return new Point(
                    $before->z + $k * ($point->z - $before->z), $before->r + $k * ($point->r - $before->r), $arc,
                );
            }
        }

        return $to;
    }

    private static function ink(Mark $mark): string
    {
        return $mark->colour ?? $mark->technique->ink();
    }
}
