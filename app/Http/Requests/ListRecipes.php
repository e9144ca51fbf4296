<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Figures\BookedRecipe;
use App\View\Show;

/** Which recipes are shown, and in which order. */
class ListRecipes extends ListRequest
{
    /** The shop's own first, then by name or the newest of its own; or all together by name. */
    public const ORDERS = ['own', 'name', 'new'];

    protected function orders(): array
    {
        return self::ORDERS;
    }

    protected function narrows(): array
    {
        return [$this->asked('q'), $this->asked('finish')];
    }

    /**
     * What recipes end with, as choices of the form.
     *
     * @param  array<string, BookedRecipe>  $recipes
     * @return array<string, string>
     */
    public function finishes(array $recipes, Show $show): array
    {
        $all = array_merge([], ...array_map(
            fn (BookedRecipe $one): array => $one->recipe->finishes(), array_values($recipes),
        ));
        $named = $show->products(array_values(array_unique($all)));
        asort($named);

        return $named;
    }

    /**
     * @param  array<string, BookedRecipe>  $recipes  by key, the shop's own first
     * @return array<string, BookedRecipe>
     */
    public function of(array $recipes, Show $show): array
    {
        $name = fn (BookedRecipe $one): string => mb_strtolower($show->said($one->name));
        $sought = mb_strtolower($this->asked('q'));
        $shown = array_filter($recipes, fn (BookedRecipe $one): bool => ($sought === ''
            || str_contains($name($one).' '.mb_strtolower($show->said($one->suits)), $sought))
            && ($this->asked('finish') === '' || in_array($this->asked('finish'), $one->recipe->finishes(), true)));
        if ($this->order() === 'name') {
            uasort($shown, fn (BookedRecipe $a, BookedRecipe $b): int => $name($a) <=> $name($b));
        }
        if ($this->order() === 'new') {
            uasort($shown, fn (BookedRecipe $a, BookedRecipe $b): int => ($b->own->id ?? 0) <=> ($a->own->id ?? 0));
        }

        return $shown;
    }
}
