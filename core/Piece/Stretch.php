<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;

/** A piece of a part's surface between two distances along one of its lines, mm. */
final readonly class Stretch
{
    public function __construct(public Surface $on, public float $fromMm, public float $toMm)
    {
    }

    public static function ofMark(Mark $mark): self
    {
        return new self($mark->band->on, $mark->band->fromMm, $mark->band->toMm);
    }

    /** What a flaw takes of its line: a point there is as long as it is wide. */
    public static function ofFlaw(Flaw $flaw): self
    {
        return new self($flaw->on, $flaw->fromMm, $flaw->fromMm + $flaw->lengthMm());
    }

    /** A whole face; null for one that is no line of the drawing, such as a bore. */
    public static function ofFace(Face $face, Profile $profile): ?self
    {
        $on = Surface::of($face);

        return $on === null ? null : new self($on, 0.0, $on->lengthMm($profile));
    }
}
