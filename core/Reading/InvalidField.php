<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

/** A single field that is missing, of the wrong type or outside its range. */
final class InvalidField extends BadInput
{
    public static function missing(string $field, string $allowed): self
    {
        return new self('missing', $field, "$field is missing; it takes $allowed.");
    }

    public static function type(string $field, mixed $value, string $allowed): self
    {
        return new self('type', $field, "$field is ".self::quote($value)."; it takes $allowed.");
    }

    public static function range(string $field, float $value, float $min, float $max): self
    {
        return new self(
            'out-of-range', $field,
            sprintf(
                '%s is %s; it takes a number from %s to %s.', $field, self::quote($value), self::plain($min),
                self::plain($max),
            ),
        );
    }

    /** @param  list<string>  $allowed */
    public static function choice(string $field, string $value, array $allowed): self
    {
        return new self(
            'unknown', $field, "$field is ".self::quote($value).'; it takes one of: '.implode(', ', $allowed).'.',
        );
    }

    public static function tooMany(string $field, int $count, int $max): self
    {
        return new self('too-many', $field, "$field has $count entries; at most $max are taken.");
    }

    public static function because(string $field, mixed $value, string $allowed): self
    {
        return new self('invalid', $field, "$field is ".self::quote($value)."; $allowed.");
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
