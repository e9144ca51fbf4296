<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Said;

/** Whether a kind of hold holds a workpiece at a stage, in a shop: why not, or how, how fast, and what it leaves. */
final readonly class Grasp
{
    public Mount $mount;

    public Said $leaves;

    /** What it takes to make it first. */
    public float $makeMinutes;

    /**
     * @param  list<Said>  $because  why it does not; none where it does
     * @param  list<Said>  $how
     * @param  array<string, float|int|string|null>  $size
     * @param  Speed|null  $speed  null for what does not turn
     * @param  list<Face>  $free
     * @param  Speed|null  $most  what its size alone allows
     */
    public function __construct(
        HoldLimits $kind,
        public array $because,
        public array $how,
        public array $size,
        public ?Speed $speed,
        public array $free,
        public ?Speed $most = null,
    ) {
        $this->mount = $kind->mount;
        $this->leaves = new Said("holding.leaves.$kind->leaves");
        $this->makeMinutes = $kind->makeMinutes;
    }

    public function fits(): bool
    {
        return $this->because === [];
    }
}
