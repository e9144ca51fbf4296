<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** Air of °C and % RH that holds until a second (UTC), or for good when that is null. */
final readonly class ClimateStretch
{
    public function __construct(public float $tempC, public float $rhPercent, public ?int $until)
    {
    }
}
