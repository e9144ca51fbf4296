<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Geometry\Zone;

/**
 * How much of a product one coat takes: mL from the cup or the can, grams of a wax, drops of thin CA.
 *
 * Exact on the label's coverage; what bare end grain drinks more (κ, default 3), what stays in the cloth, the
 * brush or the cup, what a spray loses, and grams of wax by area are workshop figures.
 */
final readonly class Amount
{
    /** What a drop holds: a unit, not a rule. */
    public const DROP_ML = 0.03;

    /** More than this nobody counts (workshop). */
    public const MOST_DROPS = 30;

    private function __construct(public float $value, public AmountUnit $unit)
    {
    }

    /** @param  list<Zone>  $zones */
    public static function forCoat(
        Coating $coating,
        array $zones,
        bool $onBareWood,
        CoatFigures $figures,
    ): self {
        $areaMm2 = $ml = 0.0;
        foreach ($zones as $zone) {
            $drinks = $onBareWood ? 1 + ($figures->endGrainDrinks - 1) * $zone->endGrainMean : 1.0;
            $areaMm2 += $zone->areaMm2;
            $ml += $zone->areaMm2 * $drinks / $coating->coverageM2PerL / 1000;
        }

        return match ($coating->unit) {
            AmountUnit::Grams => new self($areaMm2 / 1e6 * $coating->gramsPerM2, AmountUnit::Grams),
            AmountUnit::Drops => self::ofThin($ml + $coating->residueMl),
            AmountUnit::Spray => new self($ml * $figures->sprayLoses, AmountUnit::Spray),
            AmountUnit::Millilitres => new self(
                $coating->isSprayed() ? $ml * $figures->sprayLoses : $ml + $coating->residueMl, AmountUnit::Millilitres,
            ),
        };
    }

    /** Thin CA by the drop as long as drops can be counted, else by volume. */
    public static function ofThin(float $ml): self
    {
        $drops = max(1.0, $ml / self::DROP_ML);

        return $drops < self::MOST_DROPS ? new self($drops, AmountUnit::Drops) : new self($ml, AmountUnit::Millilitres);
    }

    /** As it was written down: a value and its unit. */
    public static function of(float $value, AmountUnit $unit): self
    {
        return new self($value, $unit);
    }

    /** The volume, where it goes by volume, mL. */
    public function ml(): ?float
    {
        return match ($this->unit) {
            AmountUnit::Grams => null,
            AmountUnit::Drops => $this->value * self::DROP_ML,
            default => $this->value,
        };
    }

    /** @return array{ml: float}|array{g: float}|array{drops: int} */
    public function toArray(): array
    {
        return match ($this->unit) {
            AmountUnit::Grams => ['g' => round($this->value, 2)],
            AmountUnit::Drops => ['drops' => (int) ceil($this->value - 1e-9)],
            default => ['ml' => round($this->value, 2)],
        };
    }
}
