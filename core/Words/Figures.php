<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/** The figures that lines may call by their names, as `{coat_setup_minutes}`, without anything being said for them. */
interface Figures
{
    /** Null for a name that is none of them. */
    public function figure(string $name): ?Quantity;
}
