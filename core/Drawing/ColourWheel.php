<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

use HonestGrain\Colour\Mixture;
use HonestGrain\Colour\Rgb;
use HonestGrain\Words\Said;

/**
 * Mixtures on a wheel: by hue round it, by how far from grey outwards, each in the colour that it gives on the wood.
 */
final readonly class ColourWheel
{
    private const R = 100.0;

    /** Beyond this much chroma a place lies on the rim. */
    private const MOST_CHROMA = 70.0;

    /**
     * @param  list<Mixture>  $mixtures
     * @param  \Closure(Mixture): Rgb  $onWood
     * @param  \Closure(int): string  $link  address of each
     * @param  \Closure(Mixture): string  $named  what each is called
     */
    public function __construct(
        private array $mixtures,
        private int $picked,
        private \Closure $onWood,
        private \Closure $link,
        private \Closure $named,
    ) {
    }

    public function drawn(): string
    {
        $dots = '';
        foreach ($this->mixtures as $i => $mixture) {
            $dots .= $i === $this->picked ? '' : $this->dot($i, $mixture);
        }
        $across = '';
        if (isset($this->mixtures[$this->picked])) {
            [$x, $y] = self::place($this->mixtures[$this->picked]);
            $long = max(1.0, hypot($x, $y));
            $across = Svg::tag('path', [
                'd' => sprintf(
                    'M%s %sL%s %s', Svg::n($x), Svg::n($y), Svg::n(-self::R * $x / $long),
                    Svg::n(-self::R * $y / $long),
                ), 'stroke' => 'currentColor', 'stroke-width' => 0.7, 'stroke-dasharray' => '3 2',
            ]);
            $dots .= $this->dot($this->picked, $this->mixtures[$this->picked]);
        }
        $rings = '';
        foreach ([1 / 3, 2 / 3, 1.0] as $share) {
            $rings .= Svg::tag('circle', [
                'r' => self::R * $share, 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-opacity' => 0.35,
                'stroke-width' => 0.6,
            ]);
        }

        return Svg::tag('svg', [
            'viewBox' => '-118 -118 236 236', 'class' => 'w-full max-h-[420px]',
            'aria-label' => Svg::words(new Said('drawing.colour-wheel.label')), 'role' => 'group',
        ], $rings.$across.$dots);
    }

    private function dot(int $i, Mixture $mixture): string
    {
        [$x, $y] = self::place($mixture);
        $isPicked = $i === $this->picked;
        $isPure = count($mixture->parts) === 1;

        $name = ($this->named)($mixture);

        return Svg::tag('a', ['href' => ($this->link)($i), 'aria-label' => $name], Svg::tag('circle', [
            'cx' => $x, 'cy' => $y, 'r' => $isPicked ? 10 : ($isPure ? 8 : 5),
            'fill' => ($this->onWood)($mixture)->toHex(), 'stroke' => 'currentColor',
            'stroke-width' => $isPicked ? 2.4 : ($isPure ? 1.2 : 0.5),
        ], Svg::tag('title', [], Svg::escaped($name))));
    }

    /** @return array{float, float} */
    private static function place(Mixture $mixture): array
    {
        $out = self::R * min(1.0, $mixture->chroma / self::MOST_CHROMA);
        $angle = deg2rad($mixture->hueDeg);

        return [$out * cos($angle), -$out * sin($angle)];
    }
}
