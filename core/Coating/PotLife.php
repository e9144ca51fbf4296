<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\MixFigures;

/**
 * How long a mix can be worked, minutes: a label's figure, at the warmth of the shop and with so much in one cup.
 *
 * Workshop model: half as long for each 10 K more, and for four times the mass; never by another ratio.
 */
final readonly class PotLife
{
    private function __construct(public float $minutes)
    {
    }

    public static function asLabel(float $minutes): self
    {
        return new self($minutes);
    }

    public function at(float $tempC, MixFigures $figures): self
    {
        return new self($this->minutes * 2 ** (($figures->potLifeReferenceC - $tempC) / $figures->potLifeHalvesK));
    }

    /** @param  float  $times  the mass in the cup, of the mass that the label's figure is for */
    public function with(float $times, MixFigures $figures): self
    {
        return new self($this->minutes * $times ** -$figures->potLifeMassPower);
    }
}
