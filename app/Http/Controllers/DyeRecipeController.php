<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Change;
use App\Models\Kept\DyedLayer;
use App\Models\Piece;
use App\Models\Workshop;
use App\Planning\Edit;
use App\Planning\PieceEditor;
use App\Planning\VersionConflict;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A recipe of dyes used on a band of a piece. */
class DyeRecipeController extends Controller
{
    public function __construct(private readonly PieceEditor $editor)
    {
    }

    public function store(Request $request): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $typed = $request->validate([
            'band' => ['required', 'string', 'max:120', 'regex:/^\d+\|[^|]+\|[^|]+$/'],
            'swatch' => ['nullable', 'integer'],
            'product' => ['required_without:swatch', 'string', 'max:200'],
            'rgb' => ['required_without:swatch', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'strength' => ['required_without:swatch', 'numeric', 'between:0.01,5'],
            'mix_name' => ['nullable', 'string', 'max:200'],
        ]);
        [$id, $part, $mark] = explode('|', $typed['band']);
        $piece = $workshop->pieces()->findOrFail((int) $id);
        [$name, $layers] = $this->recipe($workshop, $typed);
        try {
            $this->editor->change(
                $piece, new Edit($piece->version, Change::RecipeUsed, $this->user($request)),
                function (CorePiece $core, Tables $tables) use ($part, $mark, $name, $layers): CorePiece {
                    $of = $core->part($part);
                    abort_unless($of?->hasMark($mark) === true, 404);

                    return $core->overlaid($of, ...self::laid($of->mark($mark), $name, $layers, $tables));
                },
            );
        } catch (VersionConflict) {
            return back()->withErrors(['band' => say('http.recipe.piece-just-changed-elsewhere')]);
        }

        return redirect()->route('pieces.marks', [$piece, 'part' => $part])->with(
            'said', say('http.recipe.recipe-lies-band-undo'),
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array{string, list<DyedLayer>}
     */
    private function recipe(Workshop $workshop, array $typed): array
    {
        if (isset($typed['swatch'])) {
            $swatch = $workshop->swatches()->whereKey($typed['swatch'])->firstOrFail();

            return [$swatch->name, $swatch->layers];
        }

        return [$typed['mix_name'] ?? say('http.recipe.mixed'), [
            new DyedLayer($typed['product'], $typed['rgb'], (float) $typed['strength'], sandedUm: 0.0),
        ]];
    }

    /**
     * The layers of a recipe on the band of a mark.
     *
     * @param  list<DyedLayer>  $layers
     * @return list<Mark>
     */
    private static function laid(Mark $onto, string $name, array $layers, Tables $tables): array
    {
        $marks = [];
        foreach ($layers as $i => $layer) {
            $marks[] = Mark::read(Document::of([
                'id' => Id::fresh('m'), 'technique' => ColourFamily::Dye->technique(),
                'on' => $onto->band->on->value,
                'from_mm' => $onto->band->fromMm, 'to_mm' => $onto->band->toMm,
                'name' => mb_substr(count($layers) === 1 ? $name : $name.', '.($i + 1), 0, Mark::MAX_NAME),
                'settings' => [
                    'product' => $layer->product, 'colour' => $layer->rgb, 'strength' => $layer->strength,
                ] + ($layer->sandedUm > 0 ? ['sanded_um' => $layer->sandedUm] : []),
            ]), $tables);
        }

        return $marks;
    }
}
