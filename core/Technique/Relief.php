<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A technique that leaves hollows which differ round the piece. */
interface Relief
{
    /**
     * How deep the wood is cut at a place of the band.
     *
     * @param  Settings  $set  whole, with what is likely
     * @return \Closure(float, float): float mm, given the turn, 0 to 1, and mm along the band
     */
    public function relief(Settings $set, Ground $ground): \Closure;
}
