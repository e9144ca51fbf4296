<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Holding\Mount;
use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Said;

/** How the part sits for a step, at what speed, what it takes of the shop and what may hurt. */
final readonly class StepSetup
{
    /**
     * @param  array<string, int>  $needs  of what the shop has, by name
     * @param  list<Hazard>  $hazards
     * @param  int  $stage  number of the mount or the rest between mounts that it belongs to, within its part
     * @param  string|null  $mountedUntil  the step of the same mount that follows, for which the part stays on the
     *     lathe
     * @param  bool  $footOut  whether it is held by its upper end, its foot towards the tailstock
     */
    public function __construct(
        public Said $hold,
        public array $needs,
        public array $hazards = [],
        public ?Mount $mount = null,
        public ?int $rpm = null,
        public int $stage = 0,
        public ?string $mountedUntil = null,
        public bool $footOut = false,
    ) {
    }
}
