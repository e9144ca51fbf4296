<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;

/** The absorptions of a wood's early wood, late wood and figure (workshop), and what is done to them layer by layer. */
final readonly class Tissues
{
    /** @param  list<list<float>>  $absorption  K/S by tissue and channel */
    private function __construct(private array $absorption)
    {
    }

    /** Of a wood whose colour is known as a whole. */
    public static function ofWood(Rgb $wood, ColourFigures $figures): self
    {
        return new self(array_map(fn (float $times): array => array_map(
            fn (float $ks): float => $times * $ks, $wood->absorption(),
        ), $figures->tissueTimes));
    }

    /** As a layer of dye leaves them; a fade lays less of it on. */
    public function dyed(DyeLayer $layer, float $laid = 1.0): self
    {
        return $this->changed(fn (float $ks, int $tissue, int $channel): float => $ks
            + $laid * $layer->share($tissue) * $layer->colour->absorption()[$channel]);
    }

    public function times(float $factor): self
    {
        return $this->changed(fn (float $ks): float => $factor * $ks);
    }

    /** @param  list<float>  $more  by channel */
    public function plus(array $more): self
    {
        return $this->changed(fn (float $ks, int $tissue, int $channel): float => $ks + $more[$channel]);
    }

    /** Covered by something opaque. */
    public static function covered(Rgb $with): self
    {
        return new self(array_fill(0, 3, $with->absorption()));
    }

    /** A colour lodged in a share of the soft early wood. */
    public function limed(float $share, Rgb $with): self
    {
        $early = Rgb::absorbing($this->absorption[0])->reflectance;

        return new self([
            Rgb::linear(array_map(
                fn (float $r, float $own): float => $r + $share * ($own - $r), $early, $with->reflectance,
            ))->absorption(),
            $this->absorption[1], $this->absorption[2],
        ]);
    }

    public function coated(?Over $coat, ColourFigures $figures): self
    {
        return $coat === null ? $this : new self(array_map(
            fn (array $ks): array => $coat->over($ks, $figures), $this->absorption,
        ));
    }

    /** @return list<Rgb> */
    public function colours(): array
    {
        return array_map(Rgb::absorbing(...), $this->absorption);
    }

    /** @param  \Closure(float, int, int): float  $how  given K/S, tissue and channel */
    private function changed(\Closure $how): self
    {
        $changed = [];
        foreach ($this->absorption as $tissue => $channels) {
            foreach ($channels as $channel => $ks) {
                $changed[$tissue][$channel] = $how($ks, $tissue, $channel);
            }
        }

        return new self(array_map(array_values(...), array_values($changed)));
    }
}
