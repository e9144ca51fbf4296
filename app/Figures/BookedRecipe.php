<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Recipe as OwnRecipe;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Words\Said;

/** A whole surface that can be chosen: shipped, the workshop's own, or that of a piece of its own. */
final readonly class BookedRecipe
{
    /**
     * @param  string  $key  "oiled-bowl", "own-3", "as-12"
     * @param  OwnRecipe|null  $own  the row, where it is the workshop's own
     */
    public function __construct(
        public string $key,
        public Said $name,
        public ?Said $suits,
        public Recipe $recipe,
        public ?OwnRecipe $own = null,
    ) {
    }
}
