<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** Lists of what has an id of its own, each id once. */
final class ById
{
    /**
     * Where the one of that id stands; that of the next one where there is none.
     *
     * @param  list<Flaw|PartHole|Fitting>  $all
     */
    public static function placeOf(array $all, string $id): int
    {
        $place = array_search($id, array_column($all, 'id'), true);

        return $place === false ? count($all) : $place;
    }

    /**
     * With one more, or with it in place of the one of that id.
     *
     * @template T of Flaw|PartHole|Fitting
     *
     * @param  list<T>  $all
     * @param  T  $one
     * @return list<T>
     */
    public static function with(array $all, Flaw|PartHole|Fitting $one): array
    {
        $all[self::placeOf($all, $one->id)] = $one;

        return array_values($all);
    }

    /**
     * @template T of Flaw|PartHole|Fitting
     *
     * @param  list<T>  $all
     * @return list<T>
     */
    public static function without(array $all, string $id): array
    {
        return array_values(array_filter($all, fn (Flaw|PartHole|Fitting $one): bool => $one->id !== $id));
    }
}
