<?php

declare(strict_types=1);

namespace HonestGrain\Rack;

/** A weight on a scale: when (second, UTC) and how much (g). */
final readonly class Weighing
{
    public function __construct(public int $at, public float $massG)
    {
    }
}
