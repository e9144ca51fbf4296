<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Recipe\Recipe;
use HonestGrain\Recipe\RecipePart;
use Illuminate\Foundation\Http\FormRequest;

/** A change to a recipe of the shop's own: it carries the version that the page was made from, and which part it is. */
abstract class RecipeChange extends FormRequest
{
    private const MOST_OF_A_KIND = 30;

    /** @return array<string, mixed> */
    abstract protected function fields(Show $show): array;

    /**
     * The recipe as it was typed.
     *
     * @throws \HonestGrain\Reading\BadInput naming the field that is wrong
     */
    abstract public function changed(Recipe $recipe, Tables $tables, Show $show): Recipe;

    /** @return array<string, mixed> */
    public function rules(Show $show): array
    {
        return $this->fields($show) + [
            'version' => ['required', 'integer', 'min:1'],
            'form' => ['nullable', 'string', 'max:40'],
            'part' => ['nullable', 'integer', 'between:0,'.(Piece::MAX_PARTS - 1)],
            'at' => ['nullable', 'integer', 'between:0,'.self::MOST_OF_A_KIND],
        ];
    }

    public function version(): int
    {
        return (int) $this->validated('version');
    }

    /** Which of its parts, from 0: that of the body. */
    protected function part(): int
    {
        return (int) ($this->validated('part') ?? 0);
    }

    /** Which of the marks or coats of its part, from 0. */
    protected function at(): int
    {
        return (int) ($this->validated('at') ?? 0);
    }

    /** The part that is meant; one that is not there was on no page. */
    protected function partOf(Recipe $recipe): RecipePart
    {
        return $recipe->parts[$this->part()] ?? abort(404);
    }
}
