<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column as an object, or as a list of them: `KeptCast::of(Lateness::class)`.
 *
 * @implements CastsAttributes<Kept|list<Kept>|null, Kept|list<Kept>|null>
 */
final readonly class KeptCast implements CastsAttributes
{
    private const LIST = 'list';

    /** @param  class-string<Kept>  $class */
    public function __construct(private string $class, private string $many = '')
    {
    }

    /** @param  class-string<Kept>  $class */
    public static function of(string $class): string
    {
        return self::class.":$class";
    }

    /** @param  class-string<Kept>  $class */
    public static function list(string $class): string
    {
        return self::of($class).','.self::LIST;
    }

    /** @return Kept|list<Kept>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): Kept|array|null
    {
        $kept = $value === null ? null : (array) json_decode((string) $value, true);
        if ($this->many === self::LIST) {
            return array_values(array_map(fn (mixed $one): Kept => $this->class::read((array) $one), $kept ?? []));
        }

        return $kept === null ? null : $this->class::read($kept);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        $array = fn (Kept $one): array => $one->toArray();

        return match (true) {
            $value === null => null,
            is_array($value) => json_encode(array_map($array, $value), JSON_THROW_ON_ERROR),
            default => json_encode($array($value), JSON_THROW_ON_ERROR),
        };
    }
}
