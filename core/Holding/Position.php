<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** One way in which a part sits while its route goes on: which faces can be reached, and whether the lathe turns it. */
final readonly class Position
{
    /** @param  list<string>  $reaches  faces */
    public function __construct(public Stance $stance, public Mount $mount, public array $reaches)
    {
    }

    public function isOnLathe(): bool
    {
        return $this->mount->spins();
    }

    /** @param  list<string>  $faces */
    public function reachesAll(array $faces): bool
    {
        return ! $this->isOnLathe() || array_diff($faces, $this->reaches) === [];
    }
}
