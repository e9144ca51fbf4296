<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What mixing in a cup costs and allows. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class MixFigures
{
    public float $leastCupMl;

    public float $potLifeReferenceC;

    public float $potLifeHalvesK;

    public float $potLifeMassPower;

    public float $mostPigmentShare;

    public float $acceleratorShare;

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public function __construct(\Closure $value)
    {
        $this->leastCupMl = $value('mix_least_cup_ml');
        $this->potLifeReferenceC = $value('mix_pot_life_reference_c');
        $this->potLifeHalvesK = $value('mix_pot_life_halves_k');
        $this->potLifeMassPower = $value('mix_pot_life_mass_power');
        $this->mostPigmentShare = $value('mix_most_pigment_share');
        $this->acceleratorShare = $value('mix_accelerator_share');
    }
}
