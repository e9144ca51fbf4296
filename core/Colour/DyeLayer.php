<?php

declare(strict_types=1);

namespace HonestGrain\Colour;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Reading\Copy;

/** One layer of dye on the three tissues of a wood: how strong, how deep in each, and what is sanded off. */
final readonly class DyeLayer
{
    /**
     * @param  list<float>  $uptake  early wood, late wood, figure
     * @param  list<float>  $depthUm
     */
    public function __construct(
        public Rgb $colour,
        public float $strength,
        public array $uptake,
        public array $depthUm,
        public float $sandedUm,
    ) {
    }

    /** A dye in a carrier as the workshop knows it, corrected by its test boards. */
    public static function usual(
        Rgb $colour,
        string $carrier,
        float $strength,
        float $sandedUm,
        DyeFactors $factors,
        ColourFigures $figures,
    ): self {
        $times = fn (float $usual, float $factor): float => $usual * $factor;

        return new self(
            $colour, $strength, array_map($times, $figures->dyeUptake, $factors->uptake),
            array_map($times, $figures->dyeDepthUm[$carrier], $factors->depth), $sandedUm,
        );
    }

    /** What is added to a tissue's absorption for each unit of the dye's own: c·u·e^(−x/δ). */
    public function share(int $tissue): float
    {
        return $this->strength * $this->uptake[$tissue] * exp(-$this->sandedUm / $this->depthUm[$tissue]);
    }

    public function sanded(float $um): self
    {
        return Copy::with($this, ['sandedUm' => $um]);
    }
}
