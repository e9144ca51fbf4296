<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Piece\Piece;
use HonestGrain\Rack\Blank;
use HonestGrain\Words\Said;

/**
 * A piece standing in the blank that it would come out of, from the side and to scale, its parts one on another; what
 * becomes shavings is grey, and sapwood is hatched.
 */
final readonly class OnBlank
{
    public function __construct(private Blank $blank, private Piece $piece, private string $key)
    {
    }

    public function svg(Said $name): string
    {
        [$wide, $high] = [$this->blank->diameterMm, $this->blank->lengthMm];
        $u = max($wide, $high) / 100;

        return Svg::tag('svg', [
            'viewBox' => implode(' ', array_map(
                Svg::n(...), [-$wide / 2 - $u, -$high - $u, $wide + 2 * $u, $high + 2 * $u],
            )),
            'class' => 'max-h-[64px] w-full', 'role' => 'img',
            'aria-label' => Svg::words(new Said('drawing.on-blank.label', ['name' => $name])),
        ], Svg::tag('defs', [], Hatch::pattern("sap-$this->key", max(2, (int) round($u * 3)), 0.5))
            .Svg::tag('rect', [
                'x' => -$wide / 2, 'y' => -$high, 'width' => $wide, 'height' => $high, 'fill' => 'currentColor',
                'fill-opacity' => 0.14, 'stroke' => 'currentColor', 'stroke-width' => $u * 0.6,
            ]).$this->parts($u).$this->sapwood());
    }

    private function parts(float $u): string
    {
        $svg = '';
        $up = 0.0;
        foreach ($this->piece->parts as $part) {
            $outer = $part->profile->outer;
            $d = Svg::path([...$outer->points], 1).Svg::path(array_reverse($outer->points), -1);
            $svg .= Svg::tag('path', [
                'd' => preg_replace('/(?<!^)M/', 'L', $d).'Z', 'fill' => 'var(--paper)', 'stroke' => 'currentColor',
                'stroke-width' => $u * 1.2, 'transform' => 'translate(0 '.Svg::n(-$up).')',
            ]);
            $up += $part->profile->heightMm();
        }

        return $svg;
    }

    private function sapwood(): string
    {
        $within = $this->blank->heartRadiusMm();
        if ($within === null) {
            return '';
        }
        $wide = $this->blank->diameterMm / 2 - $within;

        return implode('', array_map(fn (float $x): string => Svg::tag('rect', [
            'x' => $x, 'y' => -$this->blank->lengthMm, 'width' => $wide, 'height' => $this->blank->lengthMm,
            'fill' => "url(#sap-$this->key)",
        ]), [-$this->blank->diameterMm / 2, $within]));
    }
}
