<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Reading\Document;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column that holds a document of the core, which reads it field by field.
 *
 * @implements CastsAttributes<Document|null, Document|null>
 */
final readonly class DocumentCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Document
    {
        return $value === null ? null : Document::of((array) json_decode((string) $value, true));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value->fields(), JSON_THROW_ON_ERROR);
    }
}
