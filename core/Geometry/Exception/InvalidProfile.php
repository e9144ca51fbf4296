<?php

declare(strict_types=1);

namespace HonestGrain\Geometry\Exception;

use HonestGrain\Geometry\Node;
use HonestGrain\Reading\BadInput;

/** A profile whose nodes do not describe a turned piece. */
final class InvalidProfile extends BadInput
{
    public static function coordinate(string $field, string $axis, float $value, float $min): self
    {
        return new self(
            'out-of-range', $field,
            sprintf(
                '%s (%s) is %s; it takes a length from %s to %s mm.', $field, $axis, self::quote($value), $min,
                Node::MAX_MM,
            ),
        );
    }

    public static function node(string $field, mixed $value): self
    {
        return new self(
            'type', $field, "$field is ".self::quote($value).'; a node is [z, r] or [z, r, "corner"] in mm.',
        );
    }

    public static function nodeCount(string $field, int $count, int $max): self
    {
        return new self('node-count', $field, "$field has $count nodes; a curve takes 2 to $max.");
    }

    public static function tooIntricate(string $field, int $max): self
    {
        return new self(
            'too-intricate', $field,
            "$field winds so much that it takes more than $max points to follow it; use fewer nodes, or corners.",
        );
    }

    public static function coincident(string $field): self
    {
        return new self(
            'coincident-nodes', $field,
            "$field stands on the node before it; neighbouring nodes must be at least 0.01 mm apart.",
        );
    }

    public static function selfCrossing(string $field, float $z, float $r): self
    {
        return new self(
            'self-crossing', $field,
            sprintf(
                '%s crosses or touches itself or the other curve, or runs back on itself, near z %.1f, r %.1f mm; '
                    .'move the nodes until it no longer does.',
                $field, $z, $r,
            ),
        );
    }

    public static function insideOut(string $field, float $z, float $r): self
    {
        return new self(
            'inside-out', $field,
            sprintf(
                '%s passes outside the outer curve near z %.1f, r %.1f mm; the inner curve must stay within the wood.',
                $field, $z, $r,
            ),
        );
    }

    public static function upsideDown(string $field, float $firstZ, float $lastZ): self
    {
        return new self(
            'upside-down', $field,
            sprintf(
                '%s runs from z %.1f up to z %.1f mm; its nodes go from the rim down to the bottom.', $field, $firstZ,
                $lastZ,
            ),
        );
    }

    public static function throughTheFloor(string $field, float $bottomZ, float $footZ): self
    {
        return new self(
            'through-the-floor', $field,
            sprintf(
                '%s goes down to z %.1f mm, at or below the foot at z %.1f mm; it must stay above the foot.', $field,
                $bottomZ, $footZ,
            ),
        );
    }

    public static function bore(string $field, mixed $value, string $allowed): self
    {
        return new self('bore', $field, "$field is ".self::quote($value)."; $allowed.");
    }

    public static function band(string $field, float $fromMm, float $toMm, float $arcMm): self
    {
        return new self(
            'band-off-curve', $field,
            sprintf(
                '%s runs from %.1f to %.1f mm; it takes distances from 0 to %.1f mm (the length of the curve), the '
                    .'first smaller than the second.',
                $field, $fromMm, $toMm, $arcMm,
            ),
        );
    }
}
