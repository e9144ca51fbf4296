<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Copy;
use HonestGrain\Reading\InvalidField;

/**
 * How fast a product's waits elapse in a given air.
 *
 * Workshop model: ρ(T, RH) = Q^((T−21)/10)·g(RH) reference hours per hour, 0 below the product's
 * least temperature; the reference is 21 °C and 50 % RH. `air` names the air that it dries in, for a `CureClock` that
 * knows more than one; empty is the clock's own.
 */
final readonly class Kinetics
{
    public const REFERENCE_C = 21.0;

    private function __construct(
        public float $q,
        public Humidity $humidity,
        public ?float $minC,
        public ?float $maxRhPercent,
        public float $slowedBy,
        public string $air = '',
    ) {
    }

    /**
     * @param  float  $q  speed-up per 10 °C, 1 to 6
     * @param  float  $slowedBy  how many times longer every wait is, such as 2.5 for oil on an oily wood
     */
    public static function of(
        float $q,
        Humidity $humidity = Humidity::None,
        ?float $minC = null,
        ?float $maxRhPercent = null,
        float $slowedBy = 1.0,
    ): self {
        if (! is_finite($q) || $q < 1 || $q > 6) {
            throw InvalidField::range('q', $q, 1, 6);
        }
        if (! is_finite($slowedBy) || $slowedBy <= 0) {
            throw InvalidField::range('slowed_by', $slowedBy, 0.01, 100);
        }

        return new self($q, $humidity, $minC, $maxRhPercent, $slowedBy);
    }

    public function slowed(float $times): self
    {
        return Copy::with($this, ['slowedBy' => $this->slowedBy * $times]);
    }

    public function in(string $air): self
    {
        return Copy::with($this, ['air' => $air]);
    }

    /** Reference hours that elapse in one hour of this air. */
    public function rate(float $tempC, float $rhPercent): float
    {
        if ($this->minC !== null && $tempC < $this->minC) {
            return 0.0;
        }

        return max(
            0.0, $this->q ** (($tempC - self::REFERENCE_C) / 10) * $this->humidity->factor($rhPercent),
        ) / $this->slowedBy;
    }
}
