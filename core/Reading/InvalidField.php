<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A single field that is missing, of the wrong type or outside its range. */
final class InvalidField extends BadInput
{
    public static function missing(string $field, Said|string $allowed): self
    {
        return new self('missing', $field, new Said('reading.missing', ['field' => $field, 'allowed' => $allowed]));
    }

    public static function type(string $field, mixed $value, Said|string $allowed): self
    {
        return new self('type', $field, new Said(
            'reading.type', ['field' => $field, 'value' => self::quote($value), 'allowed' => $allowed],
        ));
    }

    public static function range(string $field, float $value, float $min, float $max): self
    {
        return new self('out-of-range', $field, new Said('reading.range', [
            'field' => $field, 'value' => self::quote($value), 'min' => self::plain($min), 'max' => self::plain($max),
        ]));
    }

    /** @param  list<string>  $allowed */
    public static function choice(string $field, string $value, array $allowed): self
    {
        return new self('unknown', $field, new Said(
            'reading.choice', ['field' => $field, 'value' => self::quote($value), 'allowed' => $allowed],
        ));
    }

    public static function tooMany(string $field, int $count, int $max): self
    {
        return new self('too-many', $field, new Said('reading.too-many', [
            'field' => $field, 'count' => Quantity::count($count), 'max' => Quantity::count($max),
        ]));
    }

    public static function because(string $field, mixed $value, Said|string $allowed): self
    {
        return new self('invalid', $field, new Said('reading.because', [
            'field' => $field, 'value' => $value instanceof Quantity ? $value : self::quote($value),
            'allowed' => $allowed,
        ]));
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
