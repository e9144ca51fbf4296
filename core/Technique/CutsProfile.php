<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** A technique that changes the profile all round, so that areas, wall and sanding follow. */
interface CutsProfile
{
    /**
     * The line cut into the band.
     *
     * @param  Settings  $set  whole, with what is likely
     * @return list<array{float, float}> mm along the band, rising, and mm deep
     */
    public function notches(Settings $set, Ground $ground): array;
}
