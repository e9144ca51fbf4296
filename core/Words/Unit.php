<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** What can be read and typed in either system. The core and the database know only the first of each pair. */
enum Unit
{
    case Length;
    case Temperature;
    case Speed;
    case Volume;
    case Coverage;
    case Mass;
    case Area;

    public function name(bool $imperial): string
    {
        return match ($this) {
            self::Length => $imperial ? 'in' : 'mm',
            self::Temperature => $imperial ? '°F' : '°C',
            self::Speed => $imperial ? 'ft/s' : 'm/s',
            self::Volume => $imperial ? 'fl oz' : 'mL',
            self::Coverage => $imperial ? 'ft²/gal' : 'm²/L',
            self::Mass => $imperial ? 'oz' : 'g',
            self::Area => $imperial ? 'in²' : 'cm²',
        };
    }

    /** Into the reader's system. */
    public function toReader(float $metric, bool $imperial): float
    {
        return $imperial ? $metric / $this->metricPerImperial() + $this->zero() : $metric;
    }

    /** Back into the one that is stored. */
    public function toMetric(float $typed, bool $imperial): float
    {
        return $imperial ? ($typed - $this->zero()) * $this->metricPerImperial() : $typed;
    }

    /** Decimals that a field shows: as fine as what is stored, so that saving a field untouched changes nothing. */
    public function decimals(bool $imperial): int
    {
        return match ($this) {
            self::Length => $imperial ? 4 : 2,
            self::Volume => $imperial ? 5 : 3,
            self::Coverage => $imperial ? 1 : 2,
            default => 2,
        };
    }

    /** Exact by definition: inch, foot, US fluid ounce and gallon, ounce, degree Fahrenheit. */
    private function metricPerImperial(): float
    {
        return match ($this) {
            self::Length => 25.4,
            self::Temperature => 5 / 9,
            self::Speed => 0.3048,
            self::Volume => 29.5735295625,
            self::Coverage => 0.09290304 / 3.785411784,
            self::Mass => 28.349523125,
            self::Area => 6.4516,
        };
    }

    private function zero(): float
    {
        return $this === self::Temperature ? 32.0 : 0.0;
    }
}
