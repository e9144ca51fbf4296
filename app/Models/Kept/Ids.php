<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column that is a list of numbers of rows; one that is empty or null has none.
 *
 * @implements CastsAttributes<list<int>, iterable<int>>
 */
final readonly class Ids implements CastsAttributes
{
    /** @return list<int> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return $value === null ? [] : array_values(array_map(
            fn (mixed $one): int => is_scalar($one) ? (int) $one : 0, (array) json_decode((string) $value, true),
        ));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(array_values([...$value ?? []]), JSON_THROW_ON_ERROR);
    }
}
