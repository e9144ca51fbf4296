<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;

/** One way in which a part sits while its route goes on: which faces can be reached, and whether the lathe turns it. */
final readonly class Position
{
    /** @param  list<Face>  $reaches  faces */
    public function __construct(public Stance $stance, public Mount $mount, public array $reaches)
    {
    }

    public function isOnLathe(): bool
    {
        return $this->mount->spins();
    }

    /** @param  list<Face>  $faces */
    public function reachesAll(array $faces): bool
    {
        return ! $this->isOnLathe() || Face::except($faces, $this->reaches) === [];
    }
}
