<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What is left in a tin, by its weight: exact for a known density; the usual densities are a workshop model. */
final readonly class TinWeight
{
    /** @param  float  $gPerMl  what a millilitre of it weighs */
    private function __construct(public float $gPerMl)
    {
    }

    /** @param  float|null  $gPerMl  as the maker knows it */
    public static function of(Coating $coating, ?float $gPerMl, ShelfFigures $figures): self
    {
        return new self(
            $gPerMl ?? $coating->family->gPerMl($figures) ?? $coating->solvent->gPerMl($figures),
        );
    }

    /**
     * mL in a tin that weighs so much with what is in it.
     *
     * @throws InvalidField `weighs`, where the empty tin alone would weigh more
     */
    public function ml(float $grossG, float $emptyG): float
    {
        if ($grossG < $emptyG) {
            throw InvalidField::because('weighs', Quantity::grams($grossG), new Said('shelf.lighter-than-empty', [
                'empty' => Quantity::grams($emptyG),
            ]));
        }

        return ($grossG - $emptyG) / $this->gPerMl;
    }

    /** What the empty tin weighs, from one that holds so much. */
    public function emptyG(float $grossG, float $ml): float
    {
        $empty = $grossG - $ml * $this->gPerMl;
        if ($empty < 0) {
            throw InvalidField::because('weighs', Quantity::grams($grossG), new Said('shelf.lighter-than-full', [
                'left' => Quantity::grams($ml * $this->gPerMl),
            ]));
        }

        return $empty;
    }
}
