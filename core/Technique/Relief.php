<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A technique that leaves hollows which differ round the piece. */
interface Relief
{
    /**
     * How deep the wood is cut at a place of the band, mm.
     *
     * @param  Settings  $set  whole, with what is likely
     * @param  float  $turn  round the piece, 0 to 1
     */
    public function depthMm(Settings $set, Ground $ground, float $turn, float $alongMm): float;
}
