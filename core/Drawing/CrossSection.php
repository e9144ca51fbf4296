<?php

declare(strict_types=1);

namespace HonestGrain\Drawing;

/** Wood cut through across its scratches: what a pass left, over what it found; heights drawn larger than lengths. */
final readonly class CrossSection
{
    public const BAR_UM = 500;

    private const WIDTH = 560;

    private const HEIGHT = 130;

    private const TOP = 10.0;

    private const BELOW = 22.0;

    /** Every so manieth place is drawn: the eye sees no more. */
    private const EVERY = 2;

    /**
     * @param  list<float>  $profile  heights, µm, 0 or less
     * @param  list<float>  $before  what the pass found
     * @param  float  $deepUm  what the whole height of the drawing stands for
     */
    public function __construct(
        private array $profile,
        private array $before,
        private float $longUm,
        private float $deepUm,
    ) {
    }

    /** @param  string  $bar  how the length of the bar, half a millimetre, is written */
    public function svg(string $words, string $bar = '0.5 mm'): string
    {
        $line = $this->line($this->profile);
        $long = self::WIDTH * self::BAR_UM / $this->longUm;

        return Svg::tag('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' '.self::HEIGHT, 'class' => 'w-full', 'role' => 'img',
            'aria-label' => $words,
        ], Svg::tag('defs', [], Hatch::pattern('section-wood', 7, 0.35))
            .Svg::tag('path', [
                'd' => "M$line L".self::WIDTH.' '.self::HEIGHT.' L0 '.self::HEIGHT.' Z', 'fill' => 'url(#section-wood)',
            ])
            .Svg::tag('path', [
                'd' => 'M'.$this->line($this->before), 'fill' => 'none', 'stroke' => 'currentColor',
                'stroke-opacity' => 0.35, 'stroke-width' => 0.8,
            ])
            .Svg::tag('path', [
                'd' => "M$line", 'fill' => 'none', 'stroke' => 'currentColor', 'stroke-width' => 1.4,
            ])
            .Svg::tag('path', [
                'd' => 'M6 '.(self::HEIGHT - 6).'h'.Svg::n($long), 'stroke' => 'currentColor', 'stroke-width' => 2,
            ])
            .Svg::text(12 + $long, self::HEIGHT - 2, 12, $bar));
    }

    /** @param  list<float>  $profile */
    private function line(array $profile): string
    {
        $points = [];
        $high = self::HEIGHT - self::TOP - self::BELOW;
        $top = max([-INF, ...$this->before]);
        $last = count($profile) - 1;
        for ($i = 0; $i <= $last; $i += self::EVERY) {
            $y = self::TOP + ($top - $profile[$i]) / max(1e-9, $this->deepUm) * $high;
            $points[] = round($i / $last * self::WIDTH, 1).' '.round($y, 1);
        }

        return implode('L', $points);
    }
}
