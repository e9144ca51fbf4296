<?php

declare(strict_types=1);

namespace HonestGrain\Coating\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Said;

/** A product class that the catalogue does not hold. */
final class UnknownProduct extends BadInput
{
    /** @param  list<string>  $known */
    public static function named(string $field, string $name, array $known): self
    {
        return new self(
            'unknown-product', $field, new Said('coating.unknown-product.takes-one', [
                'field' => $field,
                'quote' => self::quote($name),
                'what' => implode('; ', $known),
            ]),
        );
    }
}
