<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** How a coat hardens; the closed set of the catalogue. */
enum Cure: string
{
    case Evaporative = 'evaporative';
    case EvaporativeThenReactive = 'evaporative then reactive';
    case Oxidative = 'oxidative';
    case Reactive = 'reactive';
    case Coalescing = 'coalescing';
    case None = 'none';

    /** Speed-up per 10 °C (workshop, Arrhenius-style): reactions double, loss of solvent gains half. */
    public function q(): float
    {
        return match ($this) {
            self::Oxidative, self::Reactive, self::EvaporativeThenReactive => 2.0,
            default => 1.5,
        };
    }

    /** So many times as long it takes in air so much colder (workshop, as above). */
    public function slowerBy(float $kelvin): float
    {
        return $this->q() ** ($kelvin / 10);
    }
}
