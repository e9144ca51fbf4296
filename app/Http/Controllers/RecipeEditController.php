<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecipeChange;
use App\Http\Requests\SaveRecipeCoats;
use App\Http\Requests\SaveRecipeMark;
use App\Http\Requests\SaveRecipeName;
use App\Http\Requests\SaveRecipeSanding;
use App\Http\Requests\SaveRecipeWays;
use App\Models\Recipe as OwnRecipe;
use App\Models\Workshop;
use App\Planning\ShopMapper;
use App\View\RecipePage;
use App\View\Show;
use HonestGrain\Recipe\Recipe;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A recipe of the shop's own, changed where it stands; pieces that it was put on keep what they have. */
class RecipeEditController extends Controller
{
    public function __construct(private readonly ShopMapper $mapper, private readonly Show $show)
    {
    }

    public function show(Request $request, OwnRecipe $recipe): View
    {
        abort_if($recipe->gone_at !== null, 404);

        return view('recipe', [
            'page' => RecipePage::of($recipe, $this->mapper->tables($this->workshop($request)), $this->show),
        ]);
    }

    public function rename(SaveRecipeName $request, OwnRecipe $recipe): RedirectResponse
    {
        return $this->change($request, $recipe);
    }

    public function sanding(SaveRecipeSanding $request, OwnRecipe $recipe): RedirectResponse
    {
        return $this->change($request, $recipe);
    }

    public function mark(SaveRecipeMark $request, OwnRecipe $recipe): RedirectResponse
    {
        return $this->change($request, $recipe);
    }

    public function coats(SaveRecipeCoats $request, OwnRecipe $recipe): RedirectResponse
    {
        return $this->change($request, $recipe);
    }

    public function ways(SaveRecipeWays $request, OwnRecipe $recipe): RedirectResponse
    {
        return $this->change($request, $recipe);
    }

    /** Takes the last change back; pressed again, it is there again. */
    public function undo(Request $request, OwnRecipe $recipe): RedirectResponse
    {
        $version = $request->integer('version');
        DB::transaction(function () use ($request, $recipe, $version): void {
            $locked = $this->locked($recipe, $version);
            if ($locked->was !== null) {
                $was = Recipe::read($locked->was);
                $this->free($this->workshop($request), $was->name, $locked, 'version');
                $locked->change($was);
            }
        });

        return back()->with('said', say('http.recipes.undone'));
    }

    private function change(RecipeChange $request, OwnRecipe $recipe): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $tables = $this->mapper->tables($workshop);
        $name = DB::transaction(function () use ($request, $recipe, $workshop, $tables): string {
            $locked = $this->locked($recipe, $request->version());
            $changed = $request->changed($locked->recipe(), $tables, $this->show);
            $this->free($workshop, $changed->name, $locked, 'called');
            $locked->change($changed);

            return $changed->name;
        });

        return back()->with('said', say('http.recipes.saved', ['name' => $name]));
    }

    /** @throws ValidationException where it has changed since the page was made */
    private function locked(OwnRecipe $recipe, int $version): OwnRecipe
    {
        $locked = OwnRecipe::query()->kept()->whereKey($recipe->id)->lockForUpdate()->first() ?? abort(404);
        if ($locked->version !== $version) {
            throw ValidationException::withMessages(['version' => say('http.recipes.changed-elsewhere')]);
        }

        return $locked;
    }

    /** @throws ValidationException where another is called so */
    private function free(Workshop $workshop, string $name, OwnRecipe $besides, string $field): void
    {
        if ($workshop->isRecipeCalled($name, $besides)) {
            throw ValidationException::withMessages([$field => say('http.recipes.another', ['name' => $name])]);
        }
    }
}
