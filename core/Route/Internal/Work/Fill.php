<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\Binder;

/**
 * What a repair leaves in the wood: how much of what sets there, and whether it stands proud of the face.
 *
 * @internal
 */
final readonly class Fill
{
    public function __construct(public Binder $binder, public Amount $amount, public bool $standsProud = false)
    {
    }
}
