<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

use HonestGrain\Words\FirstLetter;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/**
 * A JSON object read field by field, each with its type and range, so that every
 * error names the full path of the field.
 */
final readonly class Document
{
    /** No piece was begun before and none is due after; dates beyond break calendars. */
    private const EARLIEST = '1970-01-01T00:00:00Z';

    private const LATEST = '2200-01-01T00:00:00Z';

    private const MAX_BYTES = 4_000_000;

    private const MAX_DEPTH = 24;

    /** @param  array<array-key, mixed>  $fields */
    private function __construct(private array $fields, public string $path)
    {
    }

    /**
     * @throws MalformedDocument when the text is not one JSON object
     */
    public static function decode(string $json): self
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw MalformedDocument::tooLarge(strlen($json), self::MAX_BYTES);
        }
        try {
            $value = json_decode($json, true, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw MalformedDocument::notJson(FirstLetter::small($e->getMessage()));
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw MalformedDocument::notAnObject();
        }

        return new self($value, '');
    }

    /** @param  array<array-key, mixed>  $fields */
    public static function of(array $fields, string $path = ''): self
    {
        return new self($fields, $path);
    }

    /**
     * The same with other fields in the place of its own.
     *
     * @param  array<string, mixed>  $fields
     */
    public function with(array $fields): self
    {
        return new self($fields + $this->fields, $this->path);
    }

    /** @return array<array-key, mixed> all that stands in it, as it was written */
    public function fields(): array
    {
        return $this->fields;
    }

    public function at(string $key): string
    {
        return $this->path === '' ? $key : "$this->path.$key";
    }

    public function has(string $key): bool
    {
        return isset($this->fields[$key]);
    }

    public function value(string $key): mixed
    {
        return $this->fields[$key] ?? null;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->fields));
    }

    /**
     * What is said by a code and its quantities, where this release has the words for it.
     *
     * @throws InvalidField
     */
    public function said(string $key): Said
    {
        $value = $this->fields[$key] ?? null;
        try {
            $said = $value instanceof Said ? $value : Said::read(is_array($value) ? $value : []);
            Sentences::english()->say($said);

            return $said;
        } catch (\LogicException|\UnexpectedValueException) {
            throw InvalidField::type($this->at($key), $value, new Said('reading.document.code-sentence-all-stands'));
        }
    }

    public function number(string $key, float $min, float $max): float
    {
        $value = $this->fields[$key] ?? null;
        $allowed = new Said(
            'reading.document.number-from', ['min' => Quantity::number($min), 'max' => Quantity::number($max)],
        );
        if ($value === null) {
            throw InvalidField::missing($this->at($key), $allowed);
        }
        if (! is_int($value) && ! is_float($value)) {
            throw InvalidField::type($this->at($key), $value, $allowed);
        }
        $number = (float) $value;
        if (! is_finite($number) || $number < $min || $number > $max) {
            throw InvalidField::range($this->at($key), $number, $min, $max);
        }

        return $number;
    }

    /** @return ($default is null ? ?float : float) */
    public function numberOr(string $key, ?float $default, float $min, float $max): ?float
    {
        return $this->has($key) ? $this->number($key, $min, $max) : $default;
    }

    public function integer(string $key, int $min, int $max): int
    {
        $number = $this->number($key, $min, $max);
        if ($number !== floor($number)) {
            throw InvalidField::type($this->at($key), $number, new Said('reading.document.whole-number-from', [
                'min' => Quantity::number($min),
                'max' => Quantity::number($max),
            ]));
        }

        return (int) $number;
    }

    public function text(string $key, int $maxLength = 200, bool $lines = false): string
    {
        $value = $this->fields[$key] ?? null;
        if ($value === null) {
            throw InvalidField::missing($this->at($key), new Said('reading.document.text-most-characters', [
                'maxLength' => Quantity::number($maxLength),
            ]));
        }
        if (! is_string($value) || mb_strlen($value) > $maxLength || trim($value) === '') {
            throw InvalidField::type($this->at($key), $value, new Said('reading.document.text-1-characters', [
                'maxLength' => Quantity::number($maxLength),
            ]));
        }
        if (preg_match($lines ? '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/' : '/[\x00-\x1F\x7F]/', $value) === 1) {
            throw InvalidField::because(
                $this->at($key), $value,
                $lines ? new Said(
                    'reading.document.must-not-hold-control',
                ) : new Said('reading.document.must-one-line-without'),
            );
        }

        return $value;
    }

    public function textOr(string $key, ?string $default, int $maxLength = 200, bool $lines = false): ?string
    {
        return $this->has($key) && $this->fields[$key] !== '' ? $this->text($key, $maxLength, $lines) : $default;
    }

    /** @param  list<string>  $allowed */
    public function choice(string $key, array $allowed, ?string $default = null): string
    {
        if ($default !== null && ! $this->has($key)) {
            return $default;
        }
        if (! $this->has($key)) {
            throw InvalidField::missing($this->at($key), 'one of: '.implode(', ', $allowed));
        }
        $value = $this->text($key);
        if (! in_array($value, $allowed, true)) {
            throw InvalidField::choice($this->at($key), $value, $allowed);
        }

        return $value;
    }

    public function flag(string $key, bool $default): bool
    {
        $value = $this->fields[$key] ?? $default;
        if (! is_bool($value)) {
            throw InvalidField::type($this->at($key), $value, new Said('reading.document.true-or-false'));
        }

        return $value;
    }

    public function time(string $key): \DateTimeImmutable
    {
        $text = $this->text($key, 40);
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/', $text) !== 1) {
            throw InvalidField::type($this->at($key), $text, new Said('reading.document.time-such-2026-12'));
        }
        try {
            $time = (new \DateTimeImmutable($text))->setTimezone(new \DateTimeZone('UTC'));
        } catch (\Exception) {
            throw InvalidField::type($this->at($key), $text, new Said('reading.document.time-such-2026-12'));
        }
        if ($time < new \DateTimeImmutable(self::EARLIEST) || $time > new \DateTimeImmutable(self::LATEST)) {
            throw InvalidField::type($this->at($key), $text, new Said('reading.document.time-from', [
                'what' => self::EARLIEST,
                'what2' => self::LATEST,
            ]));
        }

        return $time;
    }

    /** @return list<mixed> */
    public function list(string $key, int $max, int $min = 0): array
    {
        $value = $this->fields[$key] ?? null;
        if ($value === null) {
            throw InvalidField::missing($this->at($key), new Said('reading.document.list-most-entries', [
                'max' => Quantity::number($max),
            ]));
        }
        if (! is_array($value) || ! array_is_list($value)) {
            throw InvalidField::type($this->at($key), $value, new Said('reading.document.list-most-entries', [
                'max' => Quantity::number($max),
            ]));
        }
        if (count($value) > $max) {
            throw InvalidField::tooMany($this->at($key), count($value), $max);
        }
        if (count($value) < $min) {
            throw InvalidField::because(
                $this->at($key), $value, new Said('reading.document.takes-least', ['min' => Quantity::count($min)]),
            );
        }

        return $value;
    }

    /** @return list<mixed> an absent field reads as an empty list */
    public function listOr(string $key, int $max): array
    {
        return $this->has($key) ? $this->list($key, $max) : [];
    }

    /** @return list<self> */
    public function children(string $key, int $max, int $min = 0): array
    {
        $children = [];
        foreach ($this->list($key, $max, $min) as $i => $value) {
            $children[] = self::object($this->at("$key.$i"), $value);
        }

        return $children;
    }

    public function child(string $key): self
    {
        if (! array_key_exists($key, $this->fields)) {
            throw InvalidField::missing($this->at($key), 'an object');
        }

        return self::object($this->at($key), $this->fields[$key]);
    }

    public function childOr(string $key): self
    {
        return $this->has($key) ? $this->child($key) : new self([], $this->at($key));
    }

    /** @return list<string> */
    public function strings(string $key, int $max): array
    {
        $strings = [];
        foreach ($this->list($key, $max) as $i => $value) {
            if (! is_string($value)) {
                throw InvalidField::type($this->at("$key.$i"), $value, 'text');
            }
            $strings[] = $value;
        }

        return $strings;
    }

    /** @return list<float> */
    public function numbers(string $key, float $min, float $max, int $count): array
    {
        $list = self::of($this->list($key, $count, $count), $this->at($key));

        return array_map(fn (int $i): float => $list->number((string) $i, $min, $max), range(0, $count - 1));
    }

    private static function object(string $path, mixed $value): self
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw InvalidField::type($path, $value, 'an object');
        }

        return new self($value, $path);
    }
}
