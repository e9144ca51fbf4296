<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Point;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;

/** One part in its own mm: right half seen from outside, left half cut open, with its marks and flaws. */
final readonly class PartFigure
{
    /** A small drawing shows no more lines of a mark than these. */
    private const FEW = 160;

    /** The colour of the wood is told at so many places from the middle to the edge. */
    private const STOPS = 6;

    private Profile $profile;

    private CutRelief $relief;

    /** How many mm of the turned outside are one of the line that bands are told along. */
    private float $longer;

    /**
     * @param  string  $key  distinguishes the pattern ids of several drawings on one page
     * @param  bool  $isSmall  whether it stands in a list
     */
    public function __construct(private Part $part, private string $key, private bool $isSmall = false)
    {
        $this->profile = $part->turned;
        $this->relief = CutRelief::of($part);
        $this->longer = $part->turned->outer->lengthMm() / max(1e-9, $part->profile->outer->lengthMm());
    }

    /** @param  float  $u  a hundredth of the drawing's size, mm */
    public function body(float $u): string
    {
        $hatch = "hatch-{$this->key}";
        $shade = "shade-{$this->key}";
        $clip = "half-{$this->key}";
        $outer = $this->profile->outer;
        $edge = $this->profile->edge === null ? null : new EdgeInk($this->profile, $this->profile->edge);
        $outside = $edge?->outside() ?? Svg::path($this->relief->silhouette($outer, $this->longer), 1)
            .sprintf('L0 %s L0 %s Z', Svg::n(-$outer->last()->z), Svg::n(-$outer->first()->z));
        $ink = new MarkInk($this->part, $u, $this->key, $this->part->marks === [] ? null : Appearance::of($this->part));
        $marks = '';
        $patterns = $this->part->patterns();
        foreach ($this->part->marksInOrder() as $mark) {
            $marks .= $mark->band->on === Surface::Outer
                ? $ink->outside($mark, $this->isSmall ? $patterns[$mark->id()]->few(self::FEW) : $patterns[$mark->id()])
                : '';
        }

        return Svg::tag('defs', [], $this->hatching($hatch, $u).self::shading($shade)
                .Svg::tag('clipPath', ['id' => $clip], Svg::tag('path', ['d' => $outside])))
            .$this->grain().($edge === null ? '' : $this->farRim($edge, $u)).Svg::tag(
                'path', [
                    'class' => 'face', 'data-zone' => Face::Outside->value, 'd' => $outside,
                    'fill' => "url(#grain-{$this->key})",
                ],
            )
            .Svg::tag('g', ['clip-path' => "url(#$clip)"], $this->figure($u).$marks)
            .Svg::tag('path', ['d' => $outside, 'fill' => "url(#$shade)", 'pointer-events' => 'none'])
            .$this->section($u, $hatch, $ink)
            .Svg::tag('path', [
                'class' => 'edge', 'd' => $outside, 'fill' => 'none', 'stroke' => 'currentColor',
                'stroke-width' => $u * 0.3, 'stroke-linejoin' => 'round', 'pointer-events' => 'none',
            ])
            .(new HoleInk($this->profile, $u))->all($this->part->allHoles())
            .(new FittingInk($this->profile, $u))->all($this->part->fittings)
            .($edge === null ? '' : $this->envelope($u)).(new FlawInk($this->profile, $u))->all($this->part->flaws);
    }

    /** The far side of a rim that is not level, and what is seen of the inside under it. */
    private function farRim(EdgeInk $edge, float $u): string
    {
        return Svg::tag('path', [
            'class' => 'face', 'data-zone' => Face::Inside->value, 'd' => $edge->within(),
            'fill' => "url(#grain-{$this->key})", 'fill-opacity' => 0.45,
        ]).Svg::tag('path', [
            'class' => 'edge', 'd' => $edge->far(), 'fill' => 'none', 'stroke' => 'currentColor',
            'stroke-width' => $u * 0.18, 'stroke-linejoin' => 'round', 'pointer-events' => 'none',
        ]);
    }

    /** The lines that it is drawn by, where a rim that is not level takes the wood away from them. */
    private function envelope(float $u): string
    {
        $lines = array_filter([$this->profile->outer, $this->profile->inner, Measurement::rim($this->profile)]);

        return Svg::tag('path', [
            'class' => 'edge', 'd' => implode('', array_map(
                fn (Curve $curve): string => Svg::path($curve->points, -1), $lines,
            )).Svg::path($this->profile->outer->points, 1), 'fill' => 'none', 'stroke' => 'currentColor',
            'stroke-opacity' => 0.5, 'stroke-width' => $u * 0.12, 'stroke-dasharray' => $u.' '.$u,
            'pointer-events' => 'none',
        ]);
    }

    /** The wood from the middle, where side grain comes out, to the edge, a quarter of a turn on. */
    private function grain(): string
    {
        $outer = $this->profile->outer;
        [$low, $top] = [$outer->first(), $outer->last()];
        $look = Appearance::bare($this->part);
        $stops = '';
        for ($i = 0; $i <= self::STOPS; $i++) {
            $exposure = $this->part->grain->exposureAt($top->z - $low->z, $top->r - $low->r, asin($i / self::STOPS));
            $stops .= Svg::tag('stop', [
                'offset' => $i / self::STOPS, 'stop-color' => $look->at(Surface::Outer, 0.0, $exposure)->toHex(),
            ]);
        }

        return Svg::tag('linearGradient', [
            'id' => "grain-{$this->key}", 'gradientUnits' => 'userSpaceOnUse', 'x1' => 0,
            'x2' => $this->profile->diameterMm() / 2, 'y1' => 0, 'y2' => 0,
        ], $stops);
    }

    private function hatching(string $id, float $u): string
    {
        return Svg::tag('pattern', [
            'id' => $id, 'width' => $u * 1.1, 'height' => $u * 1.1, 'patternUnits' => 'userSpaceOnUse',
            // Parts that touch are hatched against each other, as on any drawing.
            'patternTransform' => 'rotate('.(crc32($this->part->id) % 2 === 0 ? 45 : -45).')',
        ], Svg::tag('line', [
            'x1' => 0, 'y1' => 0, 'x2' => 0, 'y2' => $u * 1.1, 'stroke' => 'currentColor',
            'stroke-width' => $u * 0.12, 'stroke-opacity' => 0.55,
        ]));
    }

    private static function shading(string $id): string
    {
        return Svg::tag('linearGradient', ['id' => $id, 'x1' => 0, 'x2' => 1], Svg::tag(
            'stop', ['offset' => 0.55, 'stop-color' => '#000', 'stop-opacity' => 0],
        ).Svg::tag('stop', ['offset' => 1, 'stop-color' => '#000', 'stop-opacity' => 0.28]));
    }

    /** The way the grain runs: level growth lines across a side-grain piece, upright ones along an end-grain piece. */
    private function figure(float $u): string
    {
        $top = $this->profile->outer->last()->z;
        $height = $this->profile->heightMm();
        $radius = $this->profile->diameterMm() / 2;
        $n = Svg::n(...);
        $lines = '';
        foreach (range(1, 9) as $i) {
            $wave = $i % 3 - 1;
            $lines .= $this->part->grain === GrainDirection::Side
                ? sprintf(
                    'M0 %s Q%s %s %s %s', $n(-$height * $i / 10), $n($radius * 0.5),
                    $n(-$height * ($i + 0.5 * $wave) / 10), $n($radius * 1.05), $n(-$height * ($i + 0.3) / 10),
                )
                : sprintf(
                    'M%s %s Q%s %s %s 1', $n($radius * $i / 10), $n(-$top),
                    $n($radius * ($i + 0.4 * $wave) / 10), $n(-$top / 2), $n($radius * ($i + 0.15 * $wave) / 10),
                );
        }

        return Svg::tag('path', [
            'd' => $lines, 'fill' => 'none', 'stroke' => '#3a2412', 'stroke-opacity' => 0.2,
            'stroke-width' => $u * 0.16, 'pointer-events' => 'none',
        ]);
    }

    private function section(float $u, string $hatch, MarkInk $ink): string
    {
        $svg = Svg::tag('path', [
            'class' => 'edge', 'd' => $this->cutWood().$this->gaps(), 'fill' => "url(#$hatch)",
            'fill-rule' => 'evenodd', 'stroke' => 'currentColor', 'stroke-width' => $u * 0.3,
            'stroke-linejoin' => 'round',
        ]);
        foreach ($this->part->marks as $mark) {
            $svg .= $ink->section($mark);
        }
        $svg .= $this->bottoms($u);
        $outer = $this->profile->outer;
        $inner = $this->profile->inner;
        if ($inner !== null) {
            $svg .= $this->touch(Face::Inside, Svg::path($inner->points, -1), $u);
            $edge = $this->profile->edge;
            $svg .= $edge !== null ? $this->touch(Face::Rim, (new EdgeInk($this->profile, $edge))->near(), $u) : '';
            $svg .= $edge !== null || Measurement::rim($this->profile) === null ? ''
                : $this->touch(Face::Rim, Svg::path([$outer->last(), $inner->first()], -1), $u)
                    .$this->touch(Face::Rim, Svg::path([$outer->last(), $inner->first()], 1), $u);
        }
        $foot = $outer->first();
        if ($this->profile->bore !== null) {
            $line = $this->profile->bore->line($outer, $inner)->points;
            $svg .= $this->touch(Face::Bore, Svg::path($line, -1), $u);
        }

        return $svg.$this->touch(
            Face::Foot, sprintf('M%s %s H%s', Svg::n(-$foot->r), Svg::n(-$foot->z), Svg::n($foot->r)), $u,
        );
    }

    /** @return list<Point> of the side that is cut open */
    private function outer(): array
    {
        return $this->relief->cutOpen($this->profile->outer, $this->longer);
    }

    /** Where openings meet the cut, no wood is hatched. */
    private function gaps(): string
    {
        $patterns = $this->part->patterns();

        return implode('', array_map(
            fn (Mark $mark): string => (string) OpeningInk::of($this->part, $mark, $patterns[$mark->id()])?->gaps(),
            $this->part->marks,
        ));
    }

    /** How deep cuts go, where they are not cut open. */
    private function bottoms(float $u): string
    {
        $lines = $this->relief->bottoms($this->profile->outer, $this->longer);

        return $lines === [] ? '' : Svg::tag('path', [
            'class' => 'edge', 'd' => implode('', array_map(fn (array $line): string => Svg::path($line, -1), $lines)),
            'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => $u * 0.16,
            'stroke-dasharray' => $u * 0.8.' '.$u * 0.6, 'pointer-events' => 'none',
        ]);
    }

    /** The outline of the wood on the left, open where it is hollow or bored. */
    private function cutWood(): string
    {
        $outer = $this->profile->outer;
        $inner = $this->profile->inner;
        $bore = $this->profile->bore;
        $n = Svg::n(...);
        $foot = -$outer->first()->z;
        if ($bore === null) {
            $end = ($inner ?? $outer)->last();
            if ($this->profile->edge !== null) {
                return (new EdgeInk($this->profile, $this->profile->edge))->cut()
                    .sprintf('L0 %s L0 %s Z', $n(-$end->z), $n($foot));
            }

            return Svg::path([...$this->outer(), ...($inner === null ? [] : $inner->points)], -1)
                .sprintf('L0 %s L0 %s Z', $n(-$end->z), $n($foot));
        }
        [$low, $high] = $bore->span($outer, $inner);
        $r = $n(-$bore->radiusMm());
        $within = $inner === null ? [] : ($bore->isThrough()
            ? $inner->between(0.0, $bore->cut($inner)->arcMm) : $inner->points);
        $top = $n(-($inner ?? $outer)->last()->z);

        return Svg::path([...$this->outer(), ...$within], -1).match (true) {
            $bore->isThrough() => sprintf('L%s %s L%s %s Z', $r, $n(-$high), $r, $n($foot)),
            $bore->fromFoot => sprintf('L0 %s L0 %s H%s V%s Z', $top, $n(-$high), $r, $n($foot)),
            default => sprintf('L%s %s V%s H0 L0 %s Z', $r, $top, $n(-$low), $n($foot)),
        };
    }

    private function touch(Face $face, string $d, float $u): string
    {
        return Svg::tag('path', [
            'data-zone' => $face->value, 'd' => $d, 'fill' => 'none', 'stroke' => 'transparent',
            'stroke-width' => $u * 2.2,
            'pointer-events' => 'stroke',
        ]);
    }
}
