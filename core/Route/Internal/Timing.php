<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Schedule\Wait;

/**
 * How long an operation takes, how early it would be done, and what it makes others wait.
 *
 * @internal
 */
final readonly class Timing
{
    public Wait $wait;

    /**
     * @param  float  $rank  where it stands among what is free, smaller first
     * @param  Wait|null  $wait  before anything else is done to the same place
     * @param  Wait|null  $handling  before the part may be spun, turned over or taken in the hand
     * @param  Wait|null  $pressing  before a padded hold may press on it; null where handling is enough
     * @param  Wait|null  $dustFree  until dust no longer sticks in it
     */
    public function __construct(
        public float $minutes,
        public float $rank,
        ?Wait $wait = null,
        public ?Wait $handling = null,
        public ?Wait $pressing = null,
        public ?Wait $dustFree = null,
    ) {
        $this->wait = $wait ?? Wait::none();
    }
}
