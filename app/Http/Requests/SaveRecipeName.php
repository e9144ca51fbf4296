<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\Tables;
use HonestGrain\Recipe\Recipe;

/** What a recipe is called, and what it is good for. */
class SaveRecipeName extends RecipeChange
{
    protected function fields(Show $show): array
    {
        return [
            'called' => ['required', 'string', 'max:'.Recipe::MAX_NAME],
            'good_for' => ['nullable', 'string', 'max:'.Recipe::MAX_NOTE],
        ];
    }

    public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe
    {
        return $recipe->named($this->validated('called'), $this->validated('good_for') ?? '');
    }
}
