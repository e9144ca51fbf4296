<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

/** Anything that can be a layer on a piece: a finish or a colour. */
interface Product
{
    /** The generic class, as in the catalogue. */
    public function name(): string;

    public function solvent(): Solvent;

    /** @return list<ProductHazard> */
    public function hazards(): array;
}
