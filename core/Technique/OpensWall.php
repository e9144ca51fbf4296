<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A decoration that goes right through the wall: nothing is hollowed or sanded across it, and it holds no air. */
interface OpensWall extends Decoration
{
    /** Whether it is sawn from a start hole, and not drilled. */
    public function isSawn(Settings $set): bool;
}
