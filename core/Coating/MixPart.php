<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Words\Said;

/** So much of one thing in a mix of the maker's own. */
final readonly class MixPart
{
    /**
     * @param  string  $class  of a finish, or what the maker calls it
     * @param  string|null  $key  of that finish; null for what the catalogue has not, such as a thinner
     * @param  float  $parts  by volume
     */
    private function __construct(public string $class, private ?string $key, public float $parts)
    {
    }

    /** @param  mixed  $cell  `[class, key, parts]`, as `OwnMix` writes it into the table */
    public static function read(mixed $cell): self
    {
        [$class, $key, $parts] = is_array($cell) ? $cell + [null, null, null] : [null, null, null];
        if (! is_string($class) || ! ($key === null || is_string($key)) || ! (is_int($parts) || is_float($parts))) {
            throw new \UnexpectedValueException('A part of a mix is no [class, key, parts].');
        }

        return new self($class, $key, (float) $parts);
    }

    public function name(): Said
    {
        return $this->key === null ? Said::name($this->class) : ProductName::of($this->key, $this->class);
    }
}
