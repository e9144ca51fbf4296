<?php

declare(strict_types=1);

namespace HonestGrain\Lathework\Exception;

use HonestGrain\Lathework\Bit;
use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A hole that none of the bits bores. */
final class NoBit extends BadInput
{
    /** @param  list<Bit>  $bits */
    public static function ofDiameter(string $field, float $diameterMm, array $bits): self
    {
        return new self('no-bit', $field, new Said('lathework.no-bit.none-of-the-diameter', [
            'diameter' => Quantity::mm($diameterMm),
            'bits' => $bits === [] ? new Said('lathework.no-bit.none') : array_map(
                fn (Bit $bit): Said => new Said('lathework.bit', [
                    'diameter' => Quantity::mm($bit->diameterMm), 'kind' => $bit->kind->said(),
                ]), $bits,
            ),
        ]));
    }

    public static function soLong(string $field, float $lengthMm, float $neededMm): self
    {
        return new self('too-short', $field, new Said('lathework.no-bit.too-short', [
            'length' => Quantity::mm($lengthMm), 'needed' => Quantity::mm($neededMm),
        ]));
    }
}
