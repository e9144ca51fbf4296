<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UseRecipe;
use App\Models\Change;
use App\Models\Piece;
use App\Planning\Edit;
use App\Planning\Foresight;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\RecipeBook;
use App\Planning\ShopMapper;
use App\Planning\VersionConflict;
use App\View\ForeseenWords;
use App\View\PiecePage;
use App\View\Show;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a recipe would make of a piece, side by side with the others, and putting it on. */
class RecipeUseController extends Controller
{
    /** So much of what was left out is told at once. */
    private const TOLD = 4;

    public function __construct(private readonly RecipeBook $book, private readonly ShopMapper $mapper)
    {
    }

    public function show(Request $request, Piece $piece, Show $show): View
    {
        return view('pieces.recipes', [
            'page' => PiecePage::of($piece, $show, $this->mapper->piece($piece->workshop, $piece->document)),
            'keeps' => match (true) {
                ! $piece->isInWork() => say('pages.recipes.not-in-work'),
                $piece->isSurfaced() => say('pages.recipes.begun'),
                default => null,
            },
            'recipes' => $this->book->all($this->workshop($request)),
            'others' => array_diff_key($this->book->pieces($this->workshop($request)), ["as-$piece->id" => true]),
        ]);
    }

    /** One row of the comparison, which is worked out when it is looked at. */
    public function price(Request $request, Piece $piece, string $key, Foresight $foresight, Show $show): View
    {
        abort_unless($piece->isInWork(), 404);
        $booked = $this->book->one($this->workshop($request), $key) ?? abort(404);
        $tables = $this->mapper->tables($piece->workshop);
        $fitted = $booked->recipe->onto($this->mapper->piece($piece->workshop, $piece->document), $tables);

        return view('pieces.recipe', [
            'key' => $key, 'piece' => $piece, 'isSame' => $key === "as-$piece->id",
            'name' => $show->said($booked->name),
            'words' => new ForeseenWords(
                $foresight->otherwise($piece->workshop, $piece, $fitted->piece), $fitted->left, $show,
            ),
        ]);
    }

    public function store(UseRecipe $request, PieceEditor $editor, Planner $planner, Show $show): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $booked = $this->book->one($workshop, $request->validated('recipe'))
            ?? throw ValidationException::withMessages(['recipe' => say('http.recipes.no-such')]);
        $pieces = $request->pieces();
        $left = [];
        try {
            $planner->apply($workshop, function () use ($pieces, $editor, $booked, $request, &$left): void {
                $left = [];
                foreach ($pieces as $piece) {
                    $editor->change(
                        $piece, new Edit($piece->version, Change::SurfaceTaken, $this->user($request)),
                        function (CorePiece $core, Tables $tables) use ($booked, $piece, &$left): CorePiece {
                            $fitted = $booked->recipe->onto($core, $tables);
                            foreach ($fitted->left as $why) {
                                $left[] = [$piece->name, $why];
                            }

                            return $fitted->piece;
                        },
                    );
                }
            });
        } catch (VersionConflict) {
            throw ValidationException::withMessages(['pieces' => say('http.recipe.piece-just-changed-elsewhere')]);
        }
        $told = array_map(
            fn (array $one): string => "$one[0]: {$show->said($one[1])}", array_slice($left, 0, self::TOLD),
        );

        return back()->with('said', implode(' ', [say('http.recipes.put-on', [
            'recipe' => $show->said($booked->name), 'count' => $pieces->count(),
        ]), ...$told]));
    }
}
