<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A technique that leaves something in the surface that is bound there: powder, resin, wire or leaf. */
interface Binds
{
    /** The key of what binds it. */
    public function binder(Settings $set): string;
}
