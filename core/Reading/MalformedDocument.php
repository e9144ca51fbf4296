<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Text that is not one JSON object of a sensible size and depth in UTF-8. */
final class MalformedDocument extends BadInput
{
    public static function notJson(string $detail): self
    {
        return new self('malformed', '', new Said('reading.not-json', ['detail' => $detail]));
    }

    public static function tooLarge(int $bytes, int $maxBytes): self
    {
        return new self('too-large', '', new Said('reading.too-large', [
            'bytes' => Quantity::count($bytes), 'max' => Quantity::count($maxBytes),
        ]));
    }

    public static function notAnObject(): self
    {
        return new self('malformed', '', new Said('reading.not-an-object'));
    }
}
