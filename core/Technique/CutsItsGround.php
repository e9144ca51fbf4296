<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A technique that leaves nothing of the surface it is cut into, so that nobody sands that first. */
interface CutsItsGround
{
}
