<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Internal;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Product;
use HonestGrain\Coating\Stain;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * Two products that meet, and what has happened between them.
 *
 * @internal
 */
final readonly class Meeting
{
    public function __construct(
        public Product $under,
        public Product $over,
        public Between $between,
        private CoatFigures $figures,
    ) {
    }

    /**
     * Whether a word of the column "when" holds.
     *
     * @throws \LogicException for a word that no rule may use
     */
    public function is(string $when): bool
    {
        [$what, $hours] = [...explode(':', $when), ''];
        [$under, $over] = [$this->under, $this->over];
        $areFinishes = $under instanceof Coating && $over instanceof Coating;

        return match ($what) {
            'same-product' => $areFinishes && $under->key === $over->key,
            'same-cure' => $areFinishes && $under->cure === $over->cure,
            'same-family' => $areFinishes && $under->family === $over->family,
            'same-solvent' => $under->solvent() === $over->solvent(),
            'fast' => $under instanceof Stain && $under->isFastTo($over->solvent()),
            'window-passed' => $this->pastHours() > 0,
            'had' => $this->between->hasHad($this->hours($hours)),
            'short-of' => $this->between->isShorterThan($this->hours($hours)),
            default => throw new \LogicException("No rule knows when $when."),
        };
    }

    /** @throws \LogicException for hours that the product below has not */
    public function hours(string $which): float
    {
        $under = $this->under;

        return match (true) {
            $which === 'under-water' => $this->figures->oilBoundUnderWaterHours,
            $under instanceof Coating => match ($which) {
                'recoat' => $under->recoatFromHours,
                'handle' => $under->handleHours,
                'wax' => $under->waxAfterHours ?? $under->fullCureHours(),
                'cure' => $under->fullCureHours(),
                default => throw new \LogicException("A finish has no hours $which."),
            },
            $under instanceof Stain => match ($which) {
                'dry' => $under->dryHours,
                'coat-from' => $under->coatFromHours,
                // What takes colour out is rinsed, and waits as long for another colour as for a coat.
                'next-colour' => $under->takesColourOut() ? $under->coatFromHours : $under->dryHours,
                default => throw new \LogicException("A colour has no hours $which."),
            },
            default => throw new \LogicException($under->class().' has no hours.'),
        };
    }

    /** How long ago the window for another coat closed; 0 where it has not, or nobody knows. */
    private function pastHours(): float
    {
        $closes = $this->under instanceof Coating ? $this->under->recoatUntilHours : null;

        return max(0.0, ($this->between->hours ?? 0.0) - ($closes ?? INF));
    }

    /**
     * What a line says by such names.
     *
     * @param  list<string>  $names
     * @return array<string, Quantity|Said|string>
     */
    public function named(array $names): array
    {
        return array_combine($names, array_map(fn (string $name): Quantity|Said|string => match ($name) {
            'recoat', 'handle' => Ruling::span($this->hours($name)),
            'coatFrom' => Ruling::span($this->hours('coat-from')),
            'underWater' => Ruling::span($this->hours('under-water')),
            'closes' => Ruling::span(($this->between->hours ?? 0.0) - $this->pastHours()),
            'past' => Ruling::span($this->pastHours()),
            'cureDays' => Quantity::count($this->hours('cure') / 24),
            'solvent' => $this->over->solvent()->words(),
            'wait' => Ruling::untilHard($this->hours('under-water'), $this->between)->mend ?? '',
            default => throw new \LogicException("No rule names $name."),
        }, $names));
    }
}
