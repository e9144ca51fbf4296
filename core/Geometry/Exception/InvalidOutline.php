<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Exception;

use HonestGrain\Geometry\TracedOutline;
use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** Points of a picture that are no half profile. */
final class InvalidOutline extends BadInput
{
    private const FIELD = 'outline';

    public static function points(int $count): self
    {
        [$least, $most] = TracedOutline::POINTS;

        return new self('point-count', self::FIELD, new Said('geometry.invalid-outline.points', [
            'count' => Quantity::count($count), 'least' => Quantity::count($least), 'most' => Quantity::count($most),
        ]));
    }

    public static function number(string $text): self
    {
        return new self('type', self::FIELD, new Said('geometry.invalid-outline.number', [
            'quote' => self::quote(mb_substr($text, 0, 20)),
        ]));
    }

    public static function odd(int $count): self
    {
        return new self('odd', self::FIELD, new Said('geometry.invalid-outline.odd', [
            'count' => Quantity::count($count),
        ]));
    }

    public static function flat(): self
    {
        return new self('flat', self::FIELD, new Said('geometry.invalid-outline.flat'));
    }
}
