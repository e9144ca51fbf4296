<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Lathework\Speed;
use HonestGrain\Words\Said;

/** What one kind of hold says of a workpiece: why not, or how, in sizes. */
final readonly class Grip
{
    /**
     * @param  list<Said>  $not  why it does not hold it
     * @param  list<Said>  $how  what it takes, and what to mind
     * @param  array<string, float|int|string|null>  $size  by what it measures, mm unless its name says otherwise
     * @param  Speed|null  $most  what it allows of its own accord, besides what its kind does
     */
    public function __construct(
        public array $not = [],
        public array $how = [],
        public array $size = [],
        public ?Speed $most = null,
    ) {
    }

    public static function refused(Said ...$not): self
    {
        return new self(not: array_values($not));
    }
}
