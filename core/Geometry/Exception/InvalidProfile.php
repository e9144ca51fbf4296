<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Exception;

use HonestGrain\Geometry\Node;
use HonestGrain\Reading\BadInput;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** A profile whose nodes do not describe a turned piece. */
final class InvalidProfile extends BadInput
{
    public static function coordinate(string $field, string $axis, float $value, float $min): self
    {
        return new self(
            'out-of-range', $field,
            new Said('geometry.invalid-profile.takes-length-from', [
                'field' => $field,
                'axis' => $axis,
                'quote' => self::quote($value),
                'min' => Quantity::mm($min),
                'what' => Quantity::mm(Node::MAX_MM),
            ]),
        );
    }

    public static function node(string $field, mixed $value): self
    {
        return new self(
            'type', $field, new Said('geometry.invalid-profile.node-z-r-or', [
                'field' => $field,
                'quote' => self::quote($value),
            ]),
        );
    }

    public static function notHollow(string $field): self
    {
        return new self('not-hollow', $field, new Said('geometry.invalid-profile.not-hollow'));
    }

    public static function noStretch(string $field, float $low, float $high): self
    {
        return new self('out-of-range', $field, new Said('geometry.invalid-profile.no-stretch', [
            'low' => Quantity::mm($low), 'high' => Quantity::mm($high),
        ]));
    }

    public static function comesThrough(string $field, float $fromMm, float $toMm, float $byMm): self
    {
        return new self('out-of-range', $field, new Said('geometry.invalid-profile.comes-through', [
            'by' => Quantity::mm($byMm), 'from' => Quantity::mm($fromMm), 'to' => Quantity::mm($toMm),
        ]));
    }

    public static function nodeCount(string $field, int $count, int $max): self
    {
        return new self('node-count', $field, new Said('geometry.invalid-profile.has-nodes-curve-takes', [
            'field' => $field,
            'count' => Quantity::count($count),
            'max' => Quantity::count($max),
        ]));
    }

    public static function tooIntricate(string $field, int $max): self
    {
        return new self(
            'too-intricate', $field,
            new Said(
                'geometry.invalid-profile.winds-so-much-takes', ['field' => $field, 'max' => Quantity::count($max)],
            ),
        );
    }

    public static function coincident(string $field): self
    {
        return new self(
            'coincident-nodes', $field,
            new Said('geometry.invalid-profile.stands-node-before-neighbouring', ['field' => $field]),
        );
    }

    public static function selfCrossing(string $field, float $z, float $r): self
    {
        return new self(
            'self-crossing', $field,
            new Said('geometry.invalid-profile.crosses-or-touches-itself', [
                'field' => $field,
                'z' => Quantity::count($z),
                'r' => Quantity::mm($r),
            ]),
        );
    }

    public static function insideOut(string $field, float $z, float $r): self
    {
        return new self(
            'inside-out', $field,
            new Said('geometry.invalid-profile.passes-outside-outer-curve', [
                'field' => $field,
                'z' => Quantity::count($z),
                'r' => Quantity::mm($r),
            ]),
        );
    }

    public static function upsideDown(string $field, float $firstZ, float $lastZ): self
    {
        return new self(
            'upside-down', $field,
            new Said('geometry.invalid-profile.runs-from-z-up', [
                'field' => $field,
                'firstZ' => Quantity::count($firstZ),
                'lastZ' => Quantity::mm($lastZ),
            ]),
        );
    }

    public static function throughTheFloor(string $field, float $bottomZ, float $footZ): self
    {
        return new self(
            'through-the-floor', $field,
            new Said('geometry.invalid-profile.goes-down-z-or', [
                'field' => $field,
                'bottomZ' => Quantity::mm($bottomZ),
                'footZ' => Quantity::mm($footZ),
            ]),
        );
    }

    public static function bore(string $field, mixed $value, Said $allowed): self
    {
        return new self('bore', $field, new Said(
            'reading.because', ['field' => $field, 'value' => self::quote($value), 'allowed' => $allowed],
        ));
    }

    public static function band(string $field, float $fromMm, float $toMm, float $arcMm): self
    {
        return new self(
            'band-off-curve', $field,
            new Said('geometry.invalid-profile.runs-from-takes-distances', [
                'field' => $field,
                'from' => Quantity::mm($fromMm),
                'to' => Quantity::mm($toMm),
                'arc' => Quantity::mm($arcMm),
            ]),
        );
    }
}
