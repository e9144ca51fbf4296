<?php

declare(strict_types=1);

namespace HonestGrain\Shelf;

use HonestGrain\Calibration\ShelfFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Laying;

/** How much of each good one step uses up, in pieces; gloves by the pair. Workshop model, with its constants. */
final readonly class Goods
{
    /** @param  array<string, float>  $counts  by `Good` */
    private function __construct(public array $counts = [])
    {
    }

    public static function none(): self
    {
        return new self;
    }

    /** A coat: gloves always, a cloth where it is wiped on, a cup where it is of two parts. */
    public static function ofCoat(Coating $coating, ShelfFigures $figures): self
    {
        return new self(array_filter([
            Good::Cloth->value => $coating->applied === Laying::Wiped ? $figures->cloths : 0.0,
            Good::Gloves->value => $figures->glovePairs,
            Good::Cup->value => $coating->potLifeMinutes === null ? 0.0 : $figures->cups,
        ], fn (float $count): bool => $count > 0.0));
    }

    /** A colour laid on by hand. */
    public static function ofColour(ShelfFigures $figures): self
    {
        return new self([Good::Cloth->value => $figures->cloths, Good::Gloves->value => $figures->glovePairs]);
    }

    public static function ofWiping(ShelfFigures $figures): self
    {
        return new self([Good::Cloth->value => $figures->cloths]);
    }

    public static function ofRubbing(ShelfFigures $figures): self
    {
        return new self([Good::Pad->value => $figures->padsPerRub]);
    }
}
