<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column that is a list of names; one that is empty or null has none.
 *
 * @implements CastsAttributes<list<string>, iterable<string>>
 */
final readonly class Texts implements CastsAttributes
{
    /** @return list<string> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return $value === null ? [] : array_values(array_map(
            fn (mixed $one): string => is_scalar($one) ? (string) $one : '',
            (array) json_decode((string) $value, true),
        ));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(array_values([...$value ?? []]), JSON_THROW_ON_ERROR);
    }

    /**
     * Names as they are kept in a column with other things: a list, or, as an earlier release had it, one text with
     * commas between.
     *
     * @return list<string>
     */
    public static function of(mixed $kept): array
    {
        return is_array($kept) ? array_values(array_map(strval(...), $kept))
            : array_values(array_filter(explode(', ', (string) $kept)));
    }
}
