<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/**
 * An answer in words: whatever it has to say stands as a sentence in its field, and by its code and quantities under
 * `said` beside it.
 */
final readonly class Spoken
{
    public function __construct(private Sentences $words)
    {
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, mixed>  $answer
     * @return array<K|'said', mixed>
     */
    public function of(array $answer): array
    {
        $spoken = $said = [];
        foreach ($answer as $field => $value) {
            $codes = self::codes($value);
            if ($codes !== null && is_string($field)) {
                $said[$field] = $codes;
            }
            $spoken[$field] = match (true) {
                $value instanceof Said => $this->words->say($value),
                is_array($value) => $this->of($value),
                default => $value,
            };
        }

        return $said === [] ? $spoken : $spoken + ['said' => $said];
    }

    /**
     * What is said in one field, or in a list that says something; null where nothing is.
     *
     * @return array<array-key, mixed>|null
     */
    private static function codes(mixed $value): ?array
    {
        if ($value instanceof Said) {
            return $value->toArray();
        }
        if (! is_array($value) || ! array_is_list($value)
            || array_filter($value, fn (mixed $one): bool => $one instanceof Said) === []) {
            return null;
        }

        return array_map(fn (mixed $one): mixed => $one instanceof Said ? $one->toArray() : $one, $value);
    }
}
