<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\FieldWords;
use App\View\Show;
use HonestGrain\Coating\Denib;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BuffWith;
use HonestGrain\Piece\Sheen;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\RecipeCoats;
use HonestGrain\Recipe\RecipePart;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The coats of some faces of a recipe, first on the wood first; a row without a product is left out. */
class SaveRecipeCoats extends RecipeChange implements TakesLists
{
    public static function lists(): array
    {
        return ['zones', 'product', 'denib'];
    }

    protected function fields(Show $show): array
    {
        return [
            'do' => ['required', Rule::in(['save', 'leave'])],
            // What is left bare need not be right.
            'zones' => ['exclude_if:do,leave', 'required', 'array'],
            'zones.*' => ['exclude_if:do,leave', Rule::in(Face::names())],
            'product' => ['array'],
            'product.*' => ['nullable', 'string', 'max:200'],
            'denib' => ['array'],
            'denib.*' => ['nullable', Rule::enum(Denib::class)],
            'buff' => ['nullable', Rule::enum(BuffWith::class)],
            'sheen' => ['nullable', Rule::enum(Sheen::class)],
        ];
    }

    public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe
    {
        $part = $this->partOf($recipe);
        if ($this->validated('do') === 'leave') {
            return $recipe->withPart($this->part(), $part->withCoats($this->at(), null));
        }
        $this->free($part, $show);
        $stands = $part->coats[$this->at()] ?? null;
        $so = RecipeCoats::read(Document::of(array_filter([
            'zones' => $this->validated('zones'), 'layers' => $this->layers(),
            'buff' => $this->validated('buff') !== null, 'buff_with' => $this->validated('buff'),
            'sheen' => $this->validated('sheen'),
        ], fn (mixed $one): bool => $one !== null) + ($stands === null ? [] : $stands->lasting())));
        try {
            $so->check($this->at(), $tables->coatings);
        } catch (BadInput $e) {
            $at = preg_match('/\.layers\.(\d+)\./', $e->field, $m) === 1 ? "product.$m[1]" : 'zones';
            throw ValidationException::withMessages([$at => FieldWords::in($show->said($e->said), $e->field)]);
        }

        return $recipe->withPart($this->part(), $part->withCoats($this->at(), $so));
    }

    /** @throws ValidationException where a face has other coats already */
    private function free(RecipePart $part, Show $show): void
    {
        foreach ($part->coats as $i => $coats) {
            $twice = $i === $this->at() ? [] : array_filter(
                $coats->zones, fn (Face $face): bool => in_array($face->value, $this->validated('zones'), true),
            );
            if ($twice !== []) {
                throw ValidationException::withMessages(['zones' => say('http.recipes.coated-twice', [
                    'faces' => $show->faces(array_values($twice)),
                ])]);
            }
        }
    }

    /** @return list<array{product: string, denib: string|null}> */
    private function layers(): array
    {
        $layers = [];
        foreach ($this->validated('product') ?? [] as $row => $product) {
            if ($product !== null) {
                $denib = $layers === [] ? null : ($this->validated('denib')[$row] ?? null);
                $layers[] = ['product' => $product, 'denib' => $denib];
            }
        }

        return $layers;
    }
}
