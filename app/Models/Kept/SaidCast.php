<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A sentence by its code and quantities, so that it reads right in another unit or language, and by the words that it
 * has now, for a release that no longer has its line. What was kept as a text reads as that text.
 *
 * @implements CastsAttributes<Said|null, Said|null>
 */
final class SaidCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Said
    {
        return $value === null ? null : self::read((string) $value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : self::written($value);
    }

    public static function written(Said $said): string
    {
        return json_encode($said->keptAs(Sentences::english()->say($said)), JSON_THROW_ON_ERROR);
    }

    public static function read(string $kept): Said
    {
        $decoded = json_decode($kept, true);

        return self::of(is_array($decoded) ? $decoded : $kept);
    }

    /** The same of what was decoded with more around it. */
    public static function of(mixed $kept): Said
    {
        if (! is_array($kept) || ! isset($kept['code'])) {
            return Said::name(is_string($kept) ? $kept : '');
        }
        try {
            $said = Said::read($kept);
        } catch (\UnexpectedValueException) {
            return Said::name(is_string($kept['text'] ?? null) ? $kept['text'] : self::gone());
        }

        return $said->kept === null ? $said->keptAs(self::gone()) : $said;
    }

    /** For what is remade with the next plan, and so is kept without words. */
    private static function gone(): string
    {
        return Sentences::english()->say(new Said('words.gone'));
    }

    /** @return list<Said> */
    public static function all(mixed $kept): array
    {
        return array_values(array_map(self::of(...), is_array($kept) ? $kept : []));
    }
}
