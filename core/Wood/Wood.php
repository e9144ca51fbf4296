<?php

declare(strict_types=1);

namespace HonestGrain\Wood;

use HonestGrain\Reading\Row;

/**
 * A species as the tables give it: shrinkage from green to oven dry in percent, specific gravity at
 * 12 % moisture, Janka hardness in N; whether it holds tannin or oil enough to matter, how open its pores
 * are and what its dust does.
 *
 * Published: USDA Forest Products Laboratory, Wood Handbook, tables 4-3 and 5-3. Tannin, oil, pore, dust and
 * colour are workshop notes.
 */
final readonly class Wood
{
    private const NEWTONS_PER_POUND_FORCE = 4.4482216;

    private const FIBRE_SATURATION_PERCENT = 30.0;

    /** Volume lost per unit of basic specific gravity between fibre saturation and oven dry (Wood Handbook ch. 4). */
    private const SHRINKAGE_PER_GRAVITY = 0.265;

    private function __construct(
        public string $name,
        public string $botanical,
        public float $radialPercent,
        public float $tangentialPercent,
        public float $gravity12,
        public float $jankaN,
        public bool $tannin,
        public bool $oily,
        public Pore $pore,
        public Dust $dust,
        public string $rgb,
        public string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->text('name'), $row->text('botanical'),
            $row->number('radial_shrinkage_percent'), $row->number('tangential_shrinkage_percent'),
            $row->number('specific_gravity_12'), $row->number('janka_lbf') * self::NEWTONS_PER_POUND_FORCE,
            $row->flag('tannin'), $row->flag('oily'), Pore::from($row->text('pore')),
            Dust::from($row->text('dust')), $row->text('rgb'), $row->text('source'),
        );
    }

    /**
     * Density of the piece as drawn, at its current moisture, g/cm³.
     *
     * Published (Wood Handbook ch. 4): G = G_b/(1 − 0.265·a·G_b), a = (30 − M)/30, and density = G(1 + M/100).
     */
    public function densityGPerCm3(float $moisturePercent): float
    {
        $dry = fn (float $m): float => max(0.0, (self::FIBRE_SATURATION_PERCENT - $m) / self::FIBRE_SATURATION_PERCENT) * self::SHRINKAGE_PER_GRAVITY;
        $basic = $this->gravity12 / (1 + $dry(12.0) * $this->gravity12);
        $current = $basic / (1 - $dry($moisturePercent) * $basic);

        return $current * (1 + $moisturePercent / 100);
    }
}
