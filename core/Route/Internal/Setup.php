<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\Speed;
use HonestGrain\Safety\Hazard;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Said;

/**
 * How the part is held for an operation, at what speed, and what its products may hurt.
 *
 * @internal
 */
final readonly class Setup
{
    /**
     * @param  Work|null  $work  how it is held, where not as its technique says
     * @param  list<Stance>|null  $stances  the only positions it is done in, where its faces do not decide
     * @param  Speed|null  $speed  what the work and the tool allow, before the hold and the lathe are asked
     * @param  Speed|null  $whenSound  the same once every flaw that may fly is mended; null where it makes no odds
     * @param  list<Hazard>  $hazards  besides those of its technique
     * @param  Said|null  $hold  how it is held in words, where not as the mount says
     */
    public function __construct(
        public ?Work $work = null,
        public ?array $stances = null,
        public ?Speed $speed = null,
        public array $hazards = [],
        public ?Said $hold = null,
        public ?Speed $whenSound = null,
    ) {
    }
}
