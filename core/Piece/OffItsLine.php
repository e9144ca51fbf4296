<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

/** A mark would begin before the line that it lies on does. */
final class OffItsLine extends \RuntimeException
{
    private function __construct(public readonly Mark $mark, public readonly float $byMm)
    {
        parent::__construct($mark->id());
    }

    public static function by(Mark $mark, float $mm): self
    {
        return new self($mark, $mm);
    }
}
