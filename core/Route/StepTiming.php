<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Schedule\Lag;
use HonestGrain\Schedule\Wait;

/** How long a step takes, what it comes after and what it makes others wait. */
final readonly class StepTiming
{
    /**
     * @param  list<Lag>  $after
     * @param  Wait  $wait  what the next step on the same surface waits
     * @param  list<Reason>  $reasons  why it comes after others
     * @param  Wait|null  $dustFree  until dust no longer sticks to it
     * @param  bool  $isDusty  whether it throws dust that a wet coat would catch
     * @param  float  $throughHours  a break of the day that is no longer than this is worked through
     */
    public function __construct(
        public float $minutes,
        public array $after,
        public Wait $wait,
        public array $reasons = [],
        public ?Wait $dustFree = null,
        public bool $isDusty = false,
        public float $throughHours = 0.0,
    ) {
    }
}
