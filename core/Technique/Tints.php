<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Colour\Tissues;

/** A technique that changes the colour of the wood under it. */
interface Tints
{
    /** The tissues of the wood as they are once it is done. */
    public function tinted(Tissues $wood, Tinting $how): Tissues;
}
