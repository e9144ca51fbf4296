<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Piece\Piece;
use HonestGrain\Words\Said;

/** A piece with the surface of a recipe, and what of the recipe had no place on it. */
final readonly class Fitted
{
    /** @param  list<Said>  $left */
    public function __construct(public Piece $piece, public array $left)
    {
    }
}
