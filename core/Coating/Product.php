<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** Anything that can be a layer on a piece: a finish or a colour. */
interface Product
{
    /** The generic class, as documents name it. */
    public function class(): string;

    /** Its name for a reader. */
    public function name(): Said;

    /** What to know of it before it is laid on. */
    public function note(): Said;

    /** Where its figures come from. */
    public function source(): Said;

    public function solvent(): Solvent;

    /** @return list<ProductHazard> */
    public function hazards(): array;
}
