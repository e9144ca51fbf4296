<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportPiece;
use App\Http\Requests\ListRecipes;
use App\Http\Requests\SaveRecipe;
use App\Models\Recipe as OwnRecipe;
use App\Models\Workshop;
use App\Planning\BroughtMixes;
use App\Planning\DocumentSchema;
use App\Planning\Planner;
use App\Planning\RecipeBook;
use App\View\Show;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Whole surfaces under a name: those of the workshop, which it makes of its pieces, beside the shipped ones. */
class RecipeController extends Controller
{
    public function index(ListRecipes $request, RecipeBook $book, Show $show): View
    {
        $workshop = $this->workshop($request);
        $all = $book->all($workshop);

        return view('recipes', [
            'asked' => $request, 'finishes' => $request->finishes($all, $show), 'all' => $all,
            'recipes' => $request->of($all, $show),
            'sources' => $book->pieces($workshop),
            'pieces' => $workshop->pieces()->working()->orderBy('name')->get(['id', 'workshop_id', 'name', 'form']),
        ]);
    }

    /** The surface of a piece, or a copy of a recipe that is there, kept under a name. */
    public function store(SaveRecipe $request, RecipeBook $book): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $booked = $book->one($workshop, $request->validated('of'))
            ?? throw ValidationException::withMessages(['of' => say('http.recipes.no-such')]);
        $recipe = $booked->recipe->named($request->validated('name'), $request->validated('note') ?? '');
        $this->keep($workshop, $recipe, $request->validated('once'));

        return back()->with('said', say('http.recipes.kept', ['name' => $recipe->name]));
    }

    public function import(
        ImportPiece $request, DocumentSchema $schema, BroughtMixes $mixes, Planner $planner,
    ): RedirectResponse {
        $read = Document::decode($request->text());
        $schema->valid($request->text(), 'recipe');
        $recipe = Recipe::read($read);
        $workshop = $this->workshop($request);
        $brought = $mixes->missing($workshop, $recipe);
        $keep = function () use ($workshop, $recipe, $request, $brought): void {
            $this->keep($workshop, $recipe->withMixes([]), $request->validated('once'));
            foreach ($brought as $name => $mix) {
                $workshop->mixes()->createOrFirst(['name' => $name], ['typed' => $mix]);
            }
        };
        $brought === [] ? $keep() : $planner->apply($workshop, $keep);

        return back()->with('said', $brought === [] ? say('http.recipes.kept', ['name' => $recipe->name])
            : say('http.recipes.kept-with', ['name' => $recipe->name, 'mixes' => array_keys($brought)]));
    }

    public function destroy(OwnRecipe $recipe): RedirectResponse
    {
        $recipe->update(['gone_at' => now()]);

        return redirect()->route('recipes.index')->with('said', say('http.recipes.gone', ['name' => $recipe->name]))
            ->with('recipeBack', $recipe->id);
    }

    public function back(Request $request, OwnRecipe $recipe): RedirectResponse
    {
        $this->free($this->workshop($request), $recipe->name, $recipe);
        $recipe->update(['gone_at' => null]);

        return back()->with('said', say('http.recipes.back', ['name' => $recipe->name]));
    }

    public function json(Request $request, string $key, RecipeBook $book, Show $show): Response
    {
        $booked = $book->one($this->workshop($request), $key) ?? abort(404);
        $recipe = $booked->recipe->named(
            mb_substr($show->said($booked->name), 0, Recipe::MAX_NAME), $booked->recipe->note,
        )->withMixes($this->workshop($request)->mixes->pluck('typed', 'name')->all());

        return $this->download(json_encode(
            $recipe->toArray(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n", 'application/json; charset=UTF-8', 'json', $recipe->name, 'recipe');
    }

    private function keep(Workshop $workshop, Recipe $recipe, ?string $once): void
    {
        $key = $once === null ? null : "recipe:$workshop->id:$once";
        if ($key !== null && $workshop->recipes()->where('once_key', $key)->exists()) {
            return;
        }
        $this->free($workshop, $recipe->name);
        if ($workshop->recipes()->kept()->count() >= OwnRecipe::MOST) {
            throw ValidationException::withMessages([
                'name' => say('http.recipes.too-many', ['most' => OwnRecipe::MOST]),
            ]);
        }
        $row = ['name' => $recipe->name, 'document' => $recipe->toDocument()];
        $key === null ? $workshop->recipes()->create($row)
            : $workshop->recipes()->createOrFirst(['once_key' => $key], $row);
    }

    /** @throws ValidationException where another is called so */
    private function free(Workshop $workshop, string $name, ?OwnRecipe $besides = null): void
    {
        if ($workshop->isRecipeCalled($name, $besides)) {
            throw ValidationException::withMessages(['name' => say('http.recipes.another', ['name' => $name])]);
        }
    }
}
