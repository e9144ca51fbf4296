<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;

/**
 * A wood of three tissues under layers of dye, each sanded back, and perhaps a coat.
 *
 * Physics: absorptions add up, K/S = wood + Σ c·u·kept·dye (Kubelka and Munk). Workshop: what sanding keeps of a layer
 * is e^(−x/δ), and what a coat does (`Over`).
 */
final readonly class DyedWood
{
    /**
     * @param  list<Rgb>  $tissues  early wood, late wood, figure
     * @param  list<DyeLayer>  $layers
     */
    public function __construct(
        private ColourFigures $figures,
        private array $tissues,
        private array $layers,
        private ?Over $coat,
    ) {
    }

    /** @return list<Rgb> */
    public function colours(): array
    {
        return array_map($this->tissue(...), [0, 1, 2]);
    }

    /** ΔE between early and late wood. */
    public function contrast(): float
    {
        return $this->tissue(0)->differenceTo($this->tissue(1));
    }

    /**
     * How far one layer is sanded back for the most contrast, µm: every µm of the range is tried.
     *
     * @return array{int, float} µm and ΔE between early and late wood; the least of those that are alike
     */
    public function bestContrast(int $layer, int $fromUm, int $toUm): array
    {
        $best = [$fromUm, -1.0];
        for ($um = $fromUm; $um <= $toUm; $um++) {
            $layers = $this->layers;
            $layers[$layer] = $layers[$layer]->sanded($um);
            $contrast = (new self($this->figures, $this->tissues, array_values($layers), $this->coat))->contrast();
            if ($contrast > $best[1] + 1e-12) {
                $best = [$um, $contrast];
            }
        }

        return $best;
    }

    private function tissue(int $i): Rgb
    {
        $absorption = $this->tissues[$i]->absorption();
        foreach ($this->layers as $layer) {
            $share = $layer->share($i);
            $absorption = array_map(
                fn (float $ks, float $dye): float => $ks + $share * $dye, $absorption, $layer->colour->absorption(),
            );
        }

        return Rgb::absorbing($this->coat === null ? $absorption : $this->coat->over($absorption, $this->figures));
    }
}
