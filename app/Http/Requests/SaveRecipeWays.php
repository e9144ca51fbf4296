<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\RecipePage;
use App\View\Show;
use HonestGrain\Piece\School;
use HonestGrain\Piece\Tables;
use HonestGrain\Recipe\Recipe;
use Illuminate\Validation\Rule;

/** The ways of a recipe: of each choice one, or as each piece has it. */
class SaveRecipeWays extends RecipeChange
{
    protected function fields(Show $show): array
    {
        $fields = [];
        foreach (Recipe::WAYS as $name) {
            $fields[RecipePage::wayField($name)] = ['nullable', Rule::enum(School::CHOICES[$name])];
        }

        return $fields;
    }

    public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe
    {
        $ways = [];
        foreach (Recipe::WAYS as $name) {
            $ways[$name] = $this->validated(RecipePage::wayField($name));
        }

        return $recipe->withWays(array_filter($ways, is_string(...)));
    }
}
