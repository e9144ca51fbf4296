<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\Tables;
use HonestGrain\Recipe\Recipe;
use Illuminate\Validation\Rule;

/** How the faces of a part of a recipe are sanded; a face that the page did not show keeps what it had. */
class SaveRecipeSanding extends RecipeChange implements TakesLists
{
    public static function lists(): array
    {
        return ['own', 'stop_at', 'sanded', 'shown'];
    }

    protected function fields(Show $show): array
    {
        return [
            'own' => ['array'],
            'own.*' => ['nullable', 'string', 'max:300'],
            'stop_at' => ['array'],
            'stop_at.*' => ['nullable', 'string', 'max:20'],
            'sanded' => ['array'],
            'sanded.*' => [Rule::in(Face::names())],
            'shown' => ['array'],
            'shown.*' => [Rule::in(Face::names())],
        ];
    }

    public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe
    {
        $part = $this->partOf($recipe);
        $shown = $this->validated('shown') ?? [];
        $sanding = $part->sanding;
        $sanding['own'] = array_filter($this->merged($sanding, 'own', $show->typedGrits(...), $shown));
        $sanding['stop_at'] = $this->merged($sanding, 'stop_at', $show->typedGrit(...), $shown);
        $left = array_diff($shown, $this->validated('sanded') ?? []);
        $sanding['unsanded'] = array_values(array_unique([
            ...array_diff((array) ($sanding['unsanded'] ?? []), $shown), ...$left,
        ]));
        $so = $part->withSanding($sanding);
        $so->checkSanding($tables);

        return $recipe->withPart($this->part(), $so);
    }

    /**
     * @param  array<string, mixed>  $sanding
     * @param  \Closure(string): (string|list<string>)  $read
     * @param  array<string>  $shown  faces
     * @return array<string, mixed> by face
     */
    private function merged(array $sanding, string $field, \Closure $read, array $shown): array
    {
        $typed = array_filter($this->validated($field) ?? [], fn (?string $one): bool => trim((string) $one) !== '');

        return array_diff_key((array) ($sanding[$field] ?? []), array_flip($shown)) + array_map($read, $typed);
    }
}
