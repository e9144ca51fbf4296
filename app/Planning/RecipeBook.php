<?php

declare(strict_types=1);

namespace App\Planning;

use App\Figures\BookedRecipe;
use App\Models\Piece;
use App\Models\Recipe as OwnRecipe;
use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\ShippedRecipe;
use HonestGrain\Words\Said;

/** Every whole surface that a workshop can put on a piece. */
final readonly class RecipeBook
{
    /** So many of its pieces are offered to be copied from. */
    private const PIECES = 60;

    public function __construct(private Catalogue $catalogue, private ShopMapper $mapper)
    {
    }

    /** @return array<string, BookedRecipe> by key: the workshop's own by name, then the shipped ones */
    public function all(Workshop $workshop): array
    {
        $all = [];
        foreach ($workshop->recipes()->kept()->orderBy('name')->limit(OwnRecipe::MOST)->get() as $own) {
            $all["own-$own->id"] = self::own($own);
        }
        foreach (ShippedRecipe::all($this->catalogue) as $shipped) {
            $all[$shipped->id] = new BookedRecipe(
                $shipped->id, $shipped->name(), $shipped->suits(), $shipped->recipe,
            );
        }

        return $all;
    }

    /** @return array<string, string> names of the workshop's own pieces, newest first, by the key of their surface */
    public function pieces(Workshop $workshop): array
    {
        return $workshop->pieces()->orderByDesc('id')->limit(self::PIECES)->get(['id', 'workshop_id', 'name'])
            ->mapWithKeys(fn (Piece $piece): array => ["as-$piece->id" => $piece->name])->all();
    }

    /** Null for a key of nothing that is there. */
    public function one(Workshop $workshop, string $key): ?BookedRecipe
    {
        if (preg_match('/^(own|as)-(\d{1,18})$/D', $key, $m) !== 1) {
            return $this->all($workshop)[$key] ?? null;
        }
        if ($m[1] === 'own') {
            $own = $workshop->recipes()->kept()->find((int) $m[2]);

            return $own === null ? null : self::own($own);
        }
        $piece = $workshop->pieces()->find((int) $m[2]);

        return $piece === null ? null : new BookedRecipe(
            $key, new Said('recipe.as-piece', ['piece' => Said::name($piece->name)]), null,
            Recipe::of($this->mapper->piece($workshop, $piece->document), $piece->name),
        );
    }

    private static function own(OwnRecipe $own): BookedRecipe
    {
        $recipe = $own->recipe();

        return new BookedRecipe(
            "own-$own->id", Said::name($own->name), $recipe->note === '' ? null : Said::name($recipe->note),
            $recipe, $own,
        );
    }
}
