<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;
use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Said;

/** Whether a kind of hold holds a workpiece at a stage, in a shop: why not, or how, how fast, and what it leaves. */
final readonly class Grasp
{
    /**
     * @param  list<Said>  $because  why it does not; none where it does
     * @param  list<Said>  $how
     * @param  array<string, float|int|string|null>  $size
     * @param  Speed|null  $speed  null for what does not turn
     * @param  list<Face>  $free
     * @param  Speed|null  $most  what its size alone allows
     * @param  float  $makeMinutes  what it takes to make it first
     */
    public function __construct(
        public Mount $mount,
        public array $because,
        public array $how,
        public array $size,
        public ?Speed $speed,
        public array $free,
        public Said $leaves,
        public ?Speed $most = null,
        public float $makeMinutes = 0.0,
    ) {
    }

    public function fits(): bool
    {
        return $this->because === [];
    }
}
