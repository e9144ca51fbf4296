<?php

declare(strict_types=1);

namespace HonestGrain\Schedule;

/** Fits every task of a problem into time. Deterministic for a problem and its seed. */
interface Scheduler
{
    public function plan(Problem $problem): Plan;
}
