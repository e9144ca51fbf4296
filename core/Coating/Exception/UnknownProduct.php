<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Exception;

use HonestGrain\Reading\BadInput;

/** A product class that the catalogue does not hold. */
final class UnknownProduct extends BadInput
{
    /** @param  list<string>  $known */
    public static function named(string $field, string $name, array $known): self
    {
        return new self(
            'unknown-product', $field, "$field is ".self::quote($name).'; it takes one of: '.implode('; ', $known).'.',
        );
    }
}
