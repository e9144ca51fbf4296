<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive\Exception;

use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Said;

/** A grade that no scale holds, or a number that does not say which scale it is on. */
final class UnknownGrit extends BadInput
{
    public static function bareNumber(string $field, string $number): self
    {
        return new self(
            'grit-scale', $field,
            new Said('abrasive.unknown-grit.which-different-size-each', ['field' => $field, 'number' => $number]),
        );
    }

    public static function named(string $field, string $name): self
    {
        return new self(
            'unknown-grit', $field,
            new Said('abrasive.unknown-grit.takes-grade-such-p120', [
                'field' => $field,
                'quote' => self::quote($name),
            ]),
        );
    }
}
