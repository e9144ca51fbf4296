<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

/** A unit that is repeated round a band. */
interface Repeat
{
    /** @return list<list<array{float, float}>> strokes as they are drawn, each of points (u, v) on a unit square */
    public function strokes(): array;
}
