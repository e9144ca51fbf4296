<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Calibration\ColourFigures;
use HonestGrain\Colour\DyeLayer;

/** What a technique that changes the colour of wood works with at one place. */
final readonly class Tinting
{
    /**
     * @param  DyeLayer  $layer  its colour as a layer, as strong as set and sanded back as far as it is
     * @param  float  $laid  how much of it is laid there, 0 to 1: less where it fades
     * @param  float  $endGrain  share of end grain there, 0 to 1
     */
    public function __construct(
        public Settings $set,
        public DyeLayer $layer,
        public float $laid,
        public float $endGrain,
        public bool $hasTannin,
        public ColourFigures $figures,
    ) {
    }
}
